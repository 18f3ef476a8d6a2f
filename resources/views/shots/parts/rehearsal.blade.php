{{-- Where the shot is run: rehearsed in virtual time now. --}}
@php
    use Evrent\Core\Run\TypicalFaults;
    use App\Http\Typed;
@endphp
<div id="rehearsal" class="rehearsal">
    <section class="panel run-start" aria-labelledby="run-start-title">
        <header class="panel-head"><h2 id="run-start-title">{{ __('shots.rehearsal.title') }}</h2></header>
        <p class="told-of">{{ __('shots.rehearsal.says') }}</p>
        <x-act :action="$page->shot->at('runs.store')" icon="play" class="is-large" id="dry-run">{{ __('shots.rehearsal.run') }}</x-act>
        <form class="rehearse" method="post" action="{{ $page->shot->at('runs.store') }}">@csrf
            <x-field id="fault" :label="__('shots.rehearsal.fault')" name="kind" :options="TypicalFaults::named($page->plan)" />
            <x-field id="fault-photo" :label="__('shots.rehearsal.at_photo')" name="frame" :value="Typed::before('frame', '1')" width="6ch" inputmode="numeric"
                :problem="$errors->first('fault.frame')" />
            <button class="button is-large">{{ __('shots.rehearsal.simulate') }}</button>
        </form>
    </section>
    @include('shots.parts.before-start')
    @include('shots.parts.takes')
</div>
