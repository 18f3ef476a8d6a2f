@php
    use Evrent\Core\Format\PlainText;
    $optics = $page->plan->optics;
@endphp
<section class="panel optics" aria-labelledby="optics-title">
    <header class="panel-head"><h2 id="optics-title">Picture</h2>
        @if ($optics !== null)<x-act :action="route('shots.optics.destroy', $page->shot)" method="delete" icon="trash-2" class="is-quiet" id="optics-out" :revision="$page->revision->id" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false">Leave out</x-act>@endif</header>
    @if ($optics === null)
        <p class="nothing">Say what the picture is made with, and Evrent tells what the move does to it: too fast a pan, smear, judder, a slide that does not show, what the crop takes.
            <x-act :action="route('shots.optics.store', $page->shot)" icon="plus" id="optics-in" :revision="$page->revision->id" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false">Describe the picture</x-act></p>
    @else
        <div class="grid-fields">
            @foreach ([
                'focal_mm' => ['Focal length', $optics->focalMillimetres, 'mm', 4],
                'sensor_width_mm' => ['Sensor width', $optics->sensorWidthMillimetres, 'mm', 4],
                'sensor_height_mm' => ['Sensor height', $optics->sensorHeightMillimetres, 'mm', 4],
                'image_width_px' => ['Photo width', $optics->imageWidthPixels, 'px', 5],
                'image_height_px' => ['Photo height', $optics->imageHeightPixels, 'px', 5],
                'output_width_px' => ['Clip width', $optics->outputWidthPixels, 'px', 5],
                'output_height_px' => ['Clip height', $optics->outputHeightPixels, 'px', 5],
                'foreground_m' => ['Foreground', $optics->foregroundMetres, 'm', 5],
                'subject_m' => ['Subject', $optics->subjectMetres, 'm', 5],
                'background_m' => ['Background', $optics->backgroundMetres, 'm', 5],
                'subject_speed_m_s' => ['Subject moves', $optics->subjectMetresPerSecond, 'm/s', 4],
            ] as $field => [$label, $value, $unit, $width])
                <x-number :pointer="'/optics/' . $field" :label="$label" :value="PlainText::number($value)" :unit="$unit" :width="$width" shown-label />
            @endforeach
        </div>
    @endif
</section>
