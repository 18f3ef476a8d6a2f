@php
    $takes = $page->takes();
    $devices = $page->devices();
    $wrong = fn (string $field) => $errors->first("together.{$field}");
@endphp
<x-layout is-of-takes :title="__('shoots.together.title')"
    :crumbs="[__('common.shoots') => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), __('shoots.together.title') => null]">
    <div class="page">
        <h1>{{ __('shoots.together.lead') }}</h1>
        @include('shoots.parts.together-now')
        @if ($takes !== [])<form method="post" action="{{ route('together.stop', $shoot) }}">@csrf<button class="button is-large is-danger"><x-icon
            name="octagon-x" /><span class="text">{{ __('shoots.together.stop') }}</span></button></form>@endif
        @if (count($page->shots()) < 2 || $devices === null)<p class="nothing">{{ __('shoots.together.two') }} <a
            href="{{ route('shoots.show', $shoot) }}">{{ __('shoots.together.create') }}</a>.</p>
        @else<form class="panel together" method="post" action="{{ route('together.store', $shoot) }}">@csrf
            <h2>{{ __('shoots.together.start_two') }}</h2>
            @foreach (['first' => __('shoots.together.one'), 'second' => __('shoots.together.other')] as $row => $label)<fieldset
                class="grid-fields"><legend>{{ $label }}</legend>
                <x-field :id="$row . '-shot'" :label="__('shoots.together.shot')" :name="$row . '[shot]'" :options="$page->shots()"
                    :problem="$wrong($row . '.shot')"
                    :value="old($row . '.shot') ?? (string) (array_keys($page->shots())[$row === 'first' ? 0 : 1])" />
                <x-field :id="$row . '-rig'" :label="__('common.rig')" :name="$row . '[rig]'" :options="$devices->rigs()" :value="old($row . '.rig')"
                    :problem="$wrong($row . '.rig')" />
                <x-field :id="$row . '-camera'" :label="__('common.camera')" :name="$row . '[camera]'" :options="$devices->cameras()"
                    :value="old($row . '.camera')"
                    :problem="$wrong($row . '.camera')" />
                <x-field :id="$row . '-delay'" :label="__('shoots.together.first_in')" :name="$row . '[delay]'" width="7ch"
                    :value="old($row . '.delay') ?? '1 min'"
                    :problem="$wrong($row . '.delay') ?: $wrong($row . '.when')" /></fieldset>@endforeach
            <div class="grid-fields"><x-field id="together-reason" :label="__('shoots.together.override')" name="reason" is-text width="30ch"
                :value="old('reason')" :problem="$wrong('reason')" />
                @if ($devices->hasSimulated())<x-field id="together-speed" :label="__('shots.shoot_it.simulated_speed')" name="speed"
                    :options="App\Pages\TakeStart::speeds()" :value="old('speed') ?? (string) (int) config('evrent.world_speed')" />@endif</div>
            <p class="quiet">{{ __('shoots.together.caution') }}</p>
            <button class="button is-strong is-large"><x-icon name="play" /><span class="text">{{ __('shoots.together.start') }}</span></button></form>@endif
    </div>
</x-layout>
