{{-- Has a test shot over the move of a shot. --}}
@php $wrong = fn (string $field) => $errors->first("grid.{$page->trial->id}.{$field}"); $own = $errors->has("grid.{$page->trial->id}.*"); @endphp
<details class="more" id="shoot-trial-{{ $page->trial->id }}" @if ($own) open @endif>
    <summary>{{ $page->grid === null ? 'Shoot it on rig and camera' : 'Shoot it again' }}</summary>
    @if ($devices === null)<p class="nothing">A test is shot over the move of a shot, and this shoot has none.</p>
    @else<form method="post" action="{{ route('grids.store', [$page->trial->shoot_id, $page->trial]) }}">@csrf<div class="grid-fields">
        <x-field :id="'grid-shot-' . $page->trial->id" label="Over the move of" name="shot" :options="$shots" :problem="$wrong('shot')"
            :value="$own ? old('shot') : (string) ($page->grid?->shot_id ?? array_key_first($shots))" />
        <x-field :id="'grid-rig-' . $page->trial->id" label="Rig" name="rig" :options="$devices->rigs" :value="$own ? old('rig') : $devices->usedRig()"
            :problem="$wrong('rig')" />
        <x-field :id="'grid-camera-' . $page->trial->id" label="Camera" name="camera" :options="$devices->cameras"
            :value="$own ? old('camera') : $devices->usedCamera()" :problem="$wrong('camera')" />
        @if ($devices->hasSimulated())<x-field :id="'grid-speed-' . $page->trial->id" label="Simulated devices run at" name="speed"
            :options="App\Pages\TakeStart::speeds()" :value="$own ? old('speed') : (string) (int) config('evrent.world_speed')" />@endif</div>
        <p class="quiet">Each cell goes over the middle of the move, with its aperture and ISO. Keep hands clear: the rig moves, and goes back for each
            cell.</p>
        <button class="button is-strong"><x-icon name="play" /><span class="text">Shoot the test</span></button></form>@endif
</details>
