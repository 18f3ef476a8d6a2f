@php
    use Evrent\Core\Optics\Scene;
    use Evrent\Core\Optics\SubjectKind;
    $optics = $page->plan->optics;
    $far = $settings->units->distance;
@endphp
<section class="panel optics" aria-labelledby="optics-title">
    <header class="panel-head"><h2 id="optics-title">Picture</h2>
        @if ($optics !== null)<x-edit :page="$page" edit="optics-out" icon="trash-2" class="is-quiet" id="optics-out">Leave out</x-edit>@endif</header>
    @if ($optics === null)
        <div class="nothing"><p>Say what the picture is made with, and Evrent tells what the move does to it: too fast a pan, smear, judder, a slide
            that does not show, what the crop takes. Until then the finder shows a usual lens.</p>
            <x-edit :page="$page" edit="optics-in" icon="plus" id="optics-in">Describe the picture</x-edit></div>
    @else
        <x-fold id="optics-fields" title="Lens and distances" :says="$optics->inShort($far)"><div class="grid-fields">
            @foreach ([
                'focal_mm' => ['Focal length', 'mm', 4], 'sensor_width_mm' => ['Sensor width', 'mm', 4], 'sensor_height_mm' => ['Sensor height', 'mm', 4],
                'image_width_px' => ['Photo width', 'px', 5], 'image_height_px' => ['Photo height', 'px', 5],
                'output_width_px' => ['Clip width', 'px', 5], 'output_height_px' => ['Clip height', 'px', 5],
                'foreground_m' => ['Foreground', $far, 5], 'subject_m' => ['Subject', $far, 5], 'background_m' => ['Background', $far, 5],
                'subject_speed_m_s' => ['Subject moves', 'm/s', 4],
            ] as $field => [$label, $unit, $width])
                <x-number :pointer="'/optics/' . $field" :label="$label" :value="$texts['/optics/' . $field]" :unit="$unit" :width="$width" shown-label />
            @endforeach
            <x-choice pointer="/optics/subject_kind" label="What moves is" :value="$texts['/optics/subject_kind']"
                :options="array_combine(array_column(SubjectKind::cases(), 'value'), array_map(fn ($one) => $one->label(), SubjectKind::cases()))" />
            <x-choice pointer="/optics/scene" label="The finder shows" :value="$texts['/optics/scene']"
                :options="array_combine(array_column(Scene::cases(), 'value'), array_map(fn ($one) => $one->label(), Scene::cases()))" />
            <x-number pointer="/optics/subject_pan_deg" label="Subject stands at pan"
                :value="$texts['/optics/subject_pan_deg'] ?? ''" unit="°" :width="5" shown-label />
            <x-number pointer="/optics/later_zoom" label="Zoomed in the edit" :value="$texts['/optics/later_zoom'] ?? ''" unit="times" :width="4"
                shown-label />
            <x-number pointer="/optics/focus_m" label="Focused at" :value="$texts['/optics/focus_m'] ?? ''" :unit="$far" :width="5" shown-label />
            <x-choice pointer="/optics/foreground_is" label="The foreground is" :value="$texts['/optics/foreground_is'] ?? ''"
                :options="['' => 'not said: to be sharp', 'sharp' => 'to be sharp', 'soft' => 'soft on purpose']" />
            <x-number pointer="/optics/circle_mm" label="Circle of confusion" :value="$texts['/optics/circle_mm'] ?? ''" unit="mm" :width="6" shown-label />
        </div></x-fold>
    @endif
</section>
