@php
    use Evrent\Core\Optics\Scene;
    use Evrent\Core\Optics\SubjectKind;
    $optics = $page->plan->optics;
    $far = $settings->units->distance;
@endphp
<section class="panel optics" aria-labelledby="optics-title">
    <header class="panel-head"><h2 id="optics-title">{{ __('shots.optics.title') }}</h2>
        @if ($optics !== null)<x-edit :page="$page" edit="optics-out" icon="trash-2" class="is-quiet" id="optics-out">{{
            __('shots.optics.out') }}</x-edit>@endif</header>
    @if ($optics === null)
        <div class="nothing"><p>{{ __('shots.optics.says') }}</p>
            <x-edit :page="$page" edit="optics-in" icon="plus" id="optics-in">{{ __('shots.optics.add') }}</x-edit></div>
    @else
        <x-fold id="optics-fields" :title="__('shots.optics.lens')" :says="$optics->inShort($far)"><div class="grid-fields">
            @foreach ([
                'focal_mm' => [__('shots.optics.focal'), 'mm', 4], 'sensor_width_mm' => [__('shots.optics.sensor_width'), 'mm', 4],
                    'sensor_height_mm' => [__('shots.optics.sensor_height'), 'mm', 4],
                'image_width_px' => [__('shots.optics.photo_width'), 'px', 5], 'image_height_px' => [__('shots.optics.photo_height'), 'px', 5],
                'output_width_px' => [__('shots.optics.clip_width'), 'px', 5], 'output_height_px' => [__('shots.optics.clip_height'), 'px', 5],
                'foreground_m' => [__('shots.optics.foreground'), $far, 5], 'subject_m' => [__('shots.optics.subject'), $far, 5],
                    'background_m' => [__('shots.optics.background'), $far, 5],
                'subject_speed_m_s' => [__('shots.optics.speed'), 'm/s', 4],
            ] as $field => [$label, $unit, $width])
                <x-number :pointer="'/optics/' . $field" :label="$label" :value="$texts['/optics/' . $field]" :unit="$unit" :width="$width" shown-label />
            @endforeach
            <x-choice pointer="/optics/subject_kind" :label="__('shots.optics.moving')" :value="$texts['/optics/subject_kind']"
                :options="array_combine(array_column(SubjectKind::cases(), 'value'), array_map(fn ($one) => $one->label(), SubjectKind::cases()))" />
            <x-choice pointer="/optics/scene" :label="__('shots.optics.finder')" :value="$texts['/optics/scene']"
                :options="array_combine(array_column(Scene::cases(), 'value'), array_map(fn ($one) => $one->label(), Scene::cases()))" />
            <x-number pointer="/optics/subject_pan_deg" :label="__('shots.optics.at_pan')"
                :value="$texts['/optics/subject_pan_deg'] ?? ''" unit="°" :width="5" shown-label />
            <x-number pointer="/optics/later_zoom" :label="__('shots.optics.zoom')" :value="$texts['/optics/later_zoom'] ?? ''"
                :unit="__('shots.optics.times')" :width="4"
                shown-label />
            <x-number pointer="/optics/focus_m" :label="__('shots.optics.focus')" :value="$texts['/optics/focus_m'] ?? ''" :unit="$far"
                :width="5" shown-label />
            <x-choice pointer="/optics/foreground_is" :label="__('shots.optics.foreground_is')" :value="$texts['/optics/foreground_is'] ?? ''"
                :options="['' => __('shots.optics.default'), 'sharp' => __('shots.optics.sharp'), 'soft' => __('shots.optics.soft')]" />
            <x-number pointer="/optics/circle_mm" :label="__('shots.optics.circle')" :value="$texts['/optics/circle_mm'] ?? ''" unit="mm"
                :width="6" shown-label />
        </div></x-fold>
    @endif
</section>
