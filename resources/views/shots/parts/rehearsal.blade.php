{{-- Where the shot is run: rehearsed in virtual time now. --}}
@php
    use Evrent\Core\Run\TypicalFaults;
    use App\Http\Typed;
@endphp
<div id="rehearsal" class="rehearsal">
    <section class="panel run-start" aria-labelledby="run-start-title">
        <header class="panel-head"><h2 id="run-start-title">Rehearse</h2></header>
        <p class="told-of">A dry run takes the whole shot in virtual time on the simulated rig and camera, with the small variations that real ones have, and
            tells photo by photo what came late or is spoilt.</p>
        <x-act :action="$page->shot->at('runs.store')" icon="play" class="is-large" id="dry-run">Dry-run it</x-act>
        <form class="rehearse" method="post" action="{{ $page->shot->at('runs.store') }}">@csrf
            <x-field id="fault" label="Rehearse a fault" name="kind" :options="TypicalFaults::named($page->plan)" />
            <x-field id="fault-photo" label="at photo" name="frame" :value="Typed::before('frame', '1')" width="6ch" inputmode="numeric"
                :problem="$errors->first('fault.frame')" />
            <button class="button is-large">Rehearse fault</button>
        </form>
    </section>
    @include('shots.parts.before-start')
    @include('shots.parts.takes')
</div>
