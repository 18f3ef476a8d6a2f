{{-- What the shot takes along: picked from the kit, and kept as it was then. --}}
@php
    use Evrent\Core\Words\PlainText;
    $plan = $page->plan;
    $field = fn (string $pointer, string $label, string $unit = '', int $width = 5) => compact('pointer', 'label', 'unit', 'width');
@endphp
<section class="panel bag" id="bag" aria-labelledby="bag-title">
    <header class="panel-head"><h2 id="bag-title">What it takes along</h2><a class="quiet" href="{{ route('kit.index') }}">the kit</a></header>
    <ul class="picked">@forelse ($plan->kit as $k => $piece)<li>@if ($piece->count > 1)<b>{{ $piece->count }} ×</b> @endif{{ $piece->name }} <span class="quiet">{{ $piece->kind->label() }}</span> <x-edit :page="$page" edit="kit-out" :with="['place' => $k]" icon="x" class="is-quiet" :id="'kit-out-' . $k"><span class="sr-only">Leave {{ $piece->name }} out</span></x-edit></li>@empty<li class="quiet">Nothing picked from the kit yet.</li>@endforelse</ul>
    <form class="given-form pick" method="post" action="{{ route('shots.kit', $page->shot) }}" data-live>@csrf<input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
        <span class="number"><label for="pick-item">Pick</label><span class="entry"><select id="pick-item" name="item">
            @foreach ($page->kitChoices() as $label => $items)<optgroup label="{{ $label }}">@foreach ($items as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</optgroup>@endforeach
        </select></span></span>
        <span class="number"><label for="pick-count">how many</label><span class="entry"><input id="pick-count" name="count" type="text" inputmode="numeric" value="1" style="--width: 2ch"></span></span>
        <button class="button"><x-icon name="plus" /><span class="text">Take it</span></button></form>
    @php
        $parts = [
            'storage' => ['Cards', $plan->storage !== null, [$field('/storage/raw_mb', 'Raw file', 'MB', 4), $field('/storage/jpeg_mb', 'JPEG', 'MB', 4), $field('/storage/cards_gb', 'Card space', 'GB', 8)]],
            'power-camera' => ['Camera’s power', $plan->power?->camera !== null, [$field('/power/camera/battery_wh', 'One battery', 'Wh'), $field('/power/camera/batteries', 'in at once', '', 2), $field('/power/camera/charge', 'charged', '%', 4), $field('/power/camera/idle_w', 'awake', 'W', 4), $field('/power/camera/exposing_w', 'exposing', 'W', 4), $field('/power/camera/photo_j', 'a photo', 'J', 4)]],
            'power-rig' => ['Rig’s power', $plan->power?->rig !== null, [$field('/power/rig/battery_wh', 'One battery', 'Wh'), $field('/power/rig/batteries', 'in at once', '', 2), $field('/power/rig/charge', 'charged', '%', 4), $field('/power/rig/moving_w', 'moving', 'W', 4), $field('/power/rig/holding_w', 'holding', 'W', 4), $field('/power/rig/idle_w', 'idle', 'W', 4)]],
            'power-bank' => ['Power bank', $plan->power?->bank !== null, [$field('/power/bank/capacity_wh', 'Capacity', 'Wh'), $field('/power/bank/efficiency', 'gives of that', '%', 4), $field('/power/bank/charge', 'charged', '%', 4)]],
            'load' => ['Load', $plan->load !== null, [$field('/load/camera_kg', 'Camera', 'kg', 4), $field('/load/lens_kg', 'lens', 'kg', 4), $field('/load/head_kg', 'head', 'kg', 4), $field('/load/rig_kg', 'slider', 'kg', 4), $field('/load/legs_rating_kg', 'Legs rated for', 'kg', 4), $field('/load/carriage_rating_kg', 'carriage rated for', 'kg', 4), $field('/load/incline_deg', 'Slide inclined by', '°', 4), $field('/load/friction', 'friction', '', 4), $field('/load/thrust_n', 'motor’s thrust', 'N', 4)]],
        ];
    @endphp
    @foreach ($parts as $part => [$name, $there, $fields])
        <div class="bag-part">
        @if ($there)
            <h3>{{ $name }} <x-edit :page="$page" edit="part-out" :with="['part' => $part]" icon="trash-2" class="is-quiet" :id="$part . '-out'"><span class="sr-only">Leave {{ lcfirst($name) }} out</span></x-edit></h3>
            <div class="grid-fields">@foreach ($fields as $one)<x-number :pointer="$one['pointer']" :label="$one['label']" :value="$texts[$one['pointer']]" :unit="$one['unit']" :width="$one['width']" shown-label :class="str_ends_with($one['pointer'], 'cards_gb') ? 'is-list' : ''" />@endforeach
                @if ($part === 'storage')<x-choice pointer="/storage/slots" label="Two cards" :value="$texts['/storage/slots']" :options="['overflow' => 'the second takes over', 'copy' => 'each photo on both', 'split' => 'raw and JPEG apart']" />@endif
                @if ($part === 'power-bank')<x-choice pointer="/power/bank/feeds" label="feeds" :value="$texts['/power/bank/feeds']" :options="['camera' => 'the camera', 'rig' => 'the rig', 'both' => 'both']" />@endif
            </div>
        @else<x-edit :page="$page" edit="part-in" :with="['part' => $part]" icon="plus" class="is-quiet" :id="$part . '-in'">{{ $name }}</x-edit>@endif
        </div>
    @endforeach
    @if ($plan->power !== null)
        <div class="bag-part"><h3>Cold</h3><div class="grid-fields"><x-number pointer="/power/temperature_c" label="Temperature" :value="$texts['/power/temperature_c']" unit="°C" :width="4" shown-label />
            @foreach ($plan->power->cold as $c => $key)<x-number :pointer="'/power/cold/' . $c . '/share'" :label="'left at ' . PlainText::rounded($key['celsius'], 0) . ' °C'" :value="$texts['/power/cold/' . $c . '/share']" unit="%" :width="4" shown-label />@endforeach</div></div>
    @endif
</section>
