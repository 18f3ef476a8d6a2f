{{-- The take: what is looked at before it, on what it runs, and those there were. --}}
@php
    $start = $start ?? new App\Pages\TakeStart($page);
    $running = $start->running();
    $take = fn (string $field) => $errors->first("take.{$field}");
@endphp
<section class="panel shoot-it" aria-labelledby="shoot-it-title" id="shoot-it">
    <header class="panel-head"><h2 id="shoot-it-title">{{ __('shots.shoot_it.title') }}</h2></header>
    @if ($running)<p class="told-of">{{ __('shots.shoot_it.running') }}</p>
        <a class="button is-strong is-large" href="{{ $running->at('takes.show') }}"><x-icon name="play" /><span class="text">{{
            __('shots.shoot_it.room') }}</span></a>
    @else
    <form class="preflight" method="post" action="{{ $page->shot->at('takes.tick') }}" data-ticks>@csrf @method('put')
        <details class="plain-fold" id="preflight" data-closed-on-phone open><summary>{{ __('shots.shoot_it.preflight') }} @include('shots.parts.ticked') {{
            __('shots.shoot_it.ticked', ['items' => count($start->items)]) }}</summary>
        @include('shots.parts.ticks')</details>
    </form>
    @foreach (array_intersect_key(App\Devices\Services::dead(), ['rig' => 0, 'camera' => 0]) as $device => $log)<p
        class="problem" role="alert">{{ __('shots.shoot_it.keeps_stopping', ['device' => __("app.services.{$device}"), 'log' => $log]) }}</p>@endforeach
    <form method="post" action="{{ $page->shot->at('takes.store') }}" class="take-start">@csrf
        <div class="grid-fields">
        <x-field id="take-rig" :label="__('common.rig')" name="rig" :value="old('rig') ?? $start->usedRig()" :options="$start->rigs()"
            :problem="$take('rig')" />
        <x-field id="take-camera" :label="__('common.camera')" name="camera" :value="old('camera') ?? $start->usedCamera()" :options="$start->cameras()"
            :problem="$take('camera')" />
        <x-field id="take-when" :label="__('shots.shoot_it.starts')" name="when" :options="$start->whens()" :problem="$take('when')" />
        <x-field id="take-delay" :label="__('shots.shoot_it.delay')" name="delay" width="7ch" placeholder="0 s" :problem="$take('delay')" />
        <x-field id="take-at" :label="__('shots.shoot_it.time')" name="at" width="7ch" placeholder="19:40" :problem="$take('at')" />
        <x-field id="take-when-out" :label="__('shots.shoot_it.runs_out')" name="when_out" around="wide"
            :options="['wait' => __('shots.shoot_it.wait_swap'), 'end' => __('shots.shoot_it.end_take')]" />
        <x-field id="take-school" :label="__('shots.shoot_it.after_gap')" name="school" around="wide"
            :options="['place' => __('shots.shoot_it.place'), 'clock' => __('shots.shoot_it.clock')]" />
        </div>
        @include('shots.parts.start-more')
        @if ($start->hasSimulated())<div class="grid-fields"><x-field id="take-speed" :label="__('shots.shoot_it.simulated_speed')" name="speed"
            :options="App\Pages\TakeStart::speeds()" :value="old('speed') ?? (string) (int) config('evrent.world_speed')" /></div>@endif
        @include('shots.parts.unticked')
        <p class="quiet">@if ($start->moves){{ __('shots.shoot_it.homes') }}@endif {{ __('shots.shoot_it.addresses') }}
            <a href="{{ route('kit.index') }}">{{ __('common.kit_link') }}</a></p>
        <button class="button is-strong is-large"><x-icon name="play" /><span class="text">{{ __('shots.shoot_it.start') }}</span></button>
        <fieldset class="ask-devices"><legend>{{ __('shots.shoot_it.checks') }}</legend>
            @foreach (array_filter(['ask' => __('shots.shoot_it.read'), 'ends' => $start->moves ? __('shots.shoot_it.both_ends') : null,
                'keyframes' => $start->moves ? __('shots.shoot_it.test_each') : __('shots.shoot_it.test')]) as $what => $label)
            <button class="button" name="what" value="{{ $what }}" formaction="{{ $page->shot->at('checks.store') }}">{{ $label }}</button>@endforeach
            @include('shots.parts.in-the-dark')
            @if ($start->moves)<p class="quiet">{{ __('shots.shoot_it.caution') }}</p>@endif</fieldset></form>
    @include('shots.parts.device-check', ['check' => $start->check])
    @endif
    @if ($start->last()->isNotEmpty())<h3>{{ __('shots.shoot_it.takes') }}</h3><ul class="plain-list">@foreach ($start->last() as $one)<li><a
        href="{{ $one->at('takes.show') }}">{{ $one->created_at->diffForHumans() }}</a> <span>{{ $one->inWords() }}</span></li>@endforeach</ul>@endif
</section>
