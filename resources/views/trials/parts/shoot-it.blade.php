{{-- Has a test shot over the move of a shot. --}}
@php $wrong = fn (string $field) => $errors->first("grid.{$page->trial->id}.{$field}"); $own = $errors->has("grid.{$page->trial->id}.*"); @endphp
<details class="more" id="shoot-trial-{{ $page->trial->id }}" @if ($own) open @endif>
    <summary>{{ $page->grid === null ? __('trials.shoot_it.shoot') : __('trials.shoot_it.again') }}</summary>
    @if ($devices === null)<p class="nothing">{{ __('trials.shoot_it.no_shot') }}</p>
    @else<form method="post" action="{{ route('grids.store', [$page->trial->shoot_id, $page->trial]) }}">@csrf<div class="grid-fields">
        <x-field :id="'grid-shot-' . $page->trial->id" :label="__('trials.shoot_it.over')" name="shot" :options="$shots" :problem="$wrong('shot')"
            :value="$own ? old('shot') : (string) ($page->grid?->shot_id ?? array_key_first($shots))" />
        <x-field :id="'grid-rig-' . $page->trial->id" :label="__('common.rig')" name="rig" :options="$devices->rigs()"
            :value="$own ? old('rig') : $devices->usedRig()"
            :problem="$wrong('rig')" />
        <x-field :id="'grid-camera-' . $page->trial->id" :label="__('common.camera')" name="camera" :options="$devices->cameras()"
            :value="$own ? old('camera') : $devices->usedCamera()" :problem="$wrong('camera')" />
        @if ($devices->hasSimulated())<x-field :id="'grid-speed-' . $page->trial->id" :label="__('shots.shoot_it.simulated_speed')" name="speed"
            :options="App\Pages\TakeStart::speeds()" :value="$own ? old('speed') : (string) (int) config('evrent.world_speed')" />@endif</div>
        <p class="quiet">{{ __('trials.shoot_it.says') }}</p>
        <button class="button is-strong"><x-icon name="play" /><span class="text">{{ __('trials.shoot_it.start') }}</span></button></form>@endif
</details>
