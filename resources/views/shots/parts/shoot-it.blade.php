{{-- The take: what is looked at before it, on what it runs, and those there were. --}}
@php
    $start = new App\Pages\TakeStart($page);
    $running = $start->running();
    $take = fn (string $field) => $errors->first("take.{$field}");
@endphp
<section class="panel shoot-it" aria-labelledby="shoot-it-title" id="shoot-it">
    <header class="panel-head"><h2 id="shoot-it-title">Shoot it</h2></header>
    @if ($running)<p class="told-of">A take of this shot is under way.</p>
        <a class="button is-strong is-large" href="{{ $running->at('takes.show') }}"><x-icon name="play" /><span class="text">To the run room</span></a>
    @else
    <form class="preflight" method="post" action="{{ $page->shot->at('takes.tick') }}" data-ticks>@csrf @method('put')
        <details class="plain-fold" id="preflight" data-closed-on-phone open><summary>Preflight: @include('shots.parts.ticked') of {{
            count($start->items) }} ticked</summary>
        @include('shots.parts.ticks')</details>
    </form>
    @foreach (array_intersect_key(App\Devices\Services::dead(), ['The simulated rig' => 0, 'The simulated camera' => 0]) as $device => $log)<p
        class="problem" role="alert">{{ $device }} keeps stopping. Its log shows why: {{ $log }}</p>@endforeach
    <form method="post" action="{{ $page->shot->at('takes.store') }}" class="take-start">@csrf
        <div class="grid-fields">
        <x-field id="take-rig" label="Rig" name="rig" :value="old('rig') ?? $start->usedRig()" :options="$start->rigs" :problem="$take('rig')" />
        <x-field id="take-camera" label="Camera" name="camera" :value="old('camera') ?? $start->usedCamera()" :options="$start->cameras"
            :problem="$take('camera')" />
        <x-field id="take-when" label="Starts" name="when" :options="$start->whens()" :problem="$take('when')" />
        <x-field id="take-delay" label="After" name="delay" width="7ch" placeholder="0 s" :problem="$take('delay')" />
        <x-field id="take-at" label="Time of day" name="at" width="7ch" placeholder="19:40" :problem="$take('at')" />
        <x-field id="take-when-out" label="When card or battery runs out" name="when_out" :options="['wait' => 'wait for the swap', 'end' => 'end the take']" />
        <x-field id="take-school" label="After a gap" name="school" :options="['place' => 'go on from the place', 'clock' => 'keep to the clock']" />
        </div>
        @include('shots.parts.start-more')
        @if ($start->hasSimulated())<div class="grid-fields"><x-field id="take-speed" label="Simulated devices run at" name="speed"
            :options="App\Pages\TakeStart::speeds()" :value="old('speed') ?? (string) (int) config('evrent.world_speed')" /></div>@endif
        @include('shots.parts.unticked')
        <p class="quiet">@if ($start->moves)The rig homes first: hands off, nothing in its way.@endif Rigs and cameras are reached by what the
            <a href="{{ route('kit.index') }}">kit</a> says.</p>
        <button class="button is-strong is-large"><x-icon name="play" /><span class="text">Start run</span></button>
        <fieldset class="ask-devices"><legend>Before that, have them</legend>
            @foreach (array_filter(['ask' => 'Say what they are set to', 'ends' => $start->moves ? 'Drive to both ends' : null,
                'keyframes' => $start->moves ? 'Test photo at each keyframe' : 'Take a test photo']) as $what => $label)
            <button class="button" name="what" value="{{ $what }}" formaction="{{ $page->shot->at('checks.store') }}">{{ $label }}</button>@endforeach
            @include('shots.parts.in-the-dark')
            @if ($start->moves)<p class="quiet">The last two move the rig: hands and cables away, nobody below it.</p>@endif</fieldset></form>
    @include('shots.parts.device-check', ['check' => $start->check])
    @endif
    @if ($start->last()->isNotEmpty())<h3>Takes so far</h3><ul class="plain-list">@foreach ($start->last() as $one)<li><a
        href="{{ $one->at('takes.show') }}">{{ $one->created_at->diffForHumans() }}</a> <span>{{ $one->inWords() }}</span></li>@endforeach</ul>@endif
</section>
