@php
    use App\Pages\InShort;
    use App\Pages\NumberField;
    use Evrent\Core\Plan\FocusMode;
    use Evrent\Core\Plan\Socket;
    use Evrent\Core\Plan\WhiteBalance;
    $plan = $page->plan;
@endphp
<section class="panel" aria-labelledby="limits-title">
<header class="panel-head"><h2 id="limits-title">{{ __('shots.kit.title') }}</h2><span class="quiet">{{ __('shots.kit.says') }}</span></header>
<x-fold id="rig-limits" :title="__('shots.kit.limits')" :says="InShort::limits($plan)">
    <div class="scrolls">
    <table class="table axes">
        <thead><tr><th scope="col">{{ __('shots.kit.axis') }}</th><th scope="col">{{ __('shots.kit.from') }}</th><th scope="col">{{
            __('shots.kit.to') }}</th><th scope="col">{{ __('shots.kit.speed') }}</th>
        <th scope="col">{{ __('shots.kit.acceleration') }}</th><th scope="col">{{ __('shots.kit.steps') }}</th><th scope="col">{{
            __('shots.kit.backlash') }}</th>
        <th scope="col">{{ __('shots.kit.slowest') }}</th></tr></thead>
        <tbody>
            @foreach ($plan->rig->axes as $a => $axis)
                @php $unit = $settings->units->ofAxis($axis->kind); @endphp
                <tr>
                    <th scope="row">{{ $axis->label() }}</th>
                    @foreach (['min' => [__('shots.kit.lowest'), $unit], 'max' => [__('shots.kit.highest'), $unit],
                        'max_speed' => [__('shots.kit.speed'), $unit . '/s'],
                        'max_acceleration' => [__('shots.kit.acceleration'), $unit . '/s²'], 'steps_per_unit' => [__('shots.kit.motor_steps'), ''],
                        'backlash' => [__('shots.kit.backlash'), $unit],
                        'min_speed' => [__('shots.kit.slowest'), $unit . '/s']] as $field => [$label, $fieldUnit])
                        <td>{!! NumberField::html("/rig/axes/{$a}/{$field}", Words::capital($axis->label()) . ' ' . $label,
                            $texts["/rig/axes/{$a}/{$field}"] ?? '',
                            $fieldUnit, $field === 'steps_per_unit' ? 8 : 5, $errors->first("plan.rig.axes.{$a}.{$field}") ?: null) !!}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
    <div class="grid-fields"><x-choice pointer="/rig/quiet" :label="__('shots.kit.sound')" :value="$texts['/rig/quiet'] ?? '0'"
        :options="['0' => __('shots.kit.no_sound'), '1' => __('shots.kit.sound_on')]" />
        @foreach ($plan->rig->axes as $a => $axis)
        <x-number :pointer="'/rig/axes/' . $a . '/quiet_speed'" :label="__('shots.kit.quiet', ['axis' => Words::capital($axis->label())])" shown-label
            :value="$texts['/rig/axes/' . $a . '/quiet_speed'] ?? ''" :unit="$settings->units->ofAxis($axis->kind) . '/s'" :width="5" />
        <x-choice :pointer="'/rig/axes/' . $a . '/endless'" :label="Words::capital($axis->label())" :value="$texts['/rig/axes/' . $a . '/endless'] ?? '0'"
            :options="['0' => __('shots.kit.limited'), '1' => __('shots.kit.endless')]" />
        <x-number :pointer="'/rig/axes/' . $a . '/clockwork_per_h'" :label="__('shots.kit.clockwork', ['axis' => Words::capital($axis->label())])" shown-label
            :value="$texts['/rig/axes/' . $a . '/clockwork_per_h'] ?? ''" :unit="$settings->units->ofAxis($axis->kind)" :width="5" />@endforeach
    </div>
</x-fold>
<x-fold id="camera-set" :title="__('shots.kit.camera_settings')" :says="implode(', ', array_map(Words::say(...), $plan->settings->told()))">
    <div class="grid-fields">
        @php $yes = ['' => __('common.not_set'), '0' => __('shots.kit.off'), '1' => __('shots.kit.on')]; $options = App\Pages\InShort::options(...); @endphp
        <x-choice pointer="/settings/white_balance" :label="__('shots.kit.white')" :value="$texts['/settings/white_balance']"
            :options="$options(WhiteBalance::class)" />
        <x-number pointer="/settings/white_balance_k" :label="__('common.at')" :value="$texts['/settings/white_balance_k']" unit="K" :width="5" shown-label />
        <x-number pointer="/settings/white_balance_end_k" :label="__('shots.kit.white_end')" :value="$texts['/settings/white_balance_end_k']" unit="K"
            :width="5" shown-label />
        <x-choice pointer="/settings/focus" :label="__('shots.kit.focus')" :value="$texts['/settings/focus']" :options="$options(FocusMode::class)" />
        @foreach (['stabiliser' => __('shots.kit.stabiliser'), 'review' => __('shots.kit.review'), 'beep' => __('shots.kit.beep')] as $field => $label)<x-choice
            :pointer="'/settings/' . $field" :label="$label" :value="$texts['/settings/' . $field]" :options="$yes" />@endforeach
    </div>
</x-fold>
<x-fold id="lead" :title="__('shots.kit.cable')" :says="$plan->lead->name ?? $plan->lead->wanted()">
    <div class="grid-fields">
        <x-choice pointer="/lead/rig_gives" :label="__('shots.kit.rig_gives')" :value="$texts['/lead/rig_gives']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/body_takes" :label="__('shots.kit.camera_takes')" :value="$texts['/lead/body_takes']" :options="$options(Socket::class)" />
        <x-number pointer="/lead/name" :label="__('shots.kit.cable_name')" :value="$texts['/lead/name']" :width="22" shown-label />
        <x-choice pointer="/lead/rig_end" :label="__('shots.kit.plug_rig')" :value="$texts['/lead/rig_end']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/body_end" :label="__('shots.kit.plug_camera')" :value="$texts['/lead/body_end']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/half_press" :label="__('shots.kit.half_press')" :value="$texts['/lead/half_press']"
            :options="['' => __('common.not_set'), '1' => __('shots.kit.wired'), '0' => __('shots.kit.not_wired')]" />
        <x-choice pointer="/lead/holds_bulb" :label="__('shots.kit.bulb')" :value="$texts['/lead/holds_bulb']"
            :options="['' => __('common.not_set'), '1' => __('shots.kit.can'), '0' => __('shots.kit.cannot')]" />
    </div>
</x-fold>
<x-fold id="rig-and-camera" :title="__('shots.kit.times')" :says="InShort::rigTimes($texts)">
    <div class="grid-fields">
        <x-choice pointer="/trigger/by" :label="__('shots.kit.fired_by')" :value="$texts['/trigger/by']"
            :options="['rig' => __('shots.kit.by_rig'), 'camera_timer' => __('shots.kit.by_camera')]" />
        <x-number pointer="/trigger/count_limit" :label="__('shots.kit.counts')" :value="$texts['/trigger/count_limit']" :unit="__('common.photos_unit')"
            :width="5" shown-label />
        <x-number pointer="/trigger/interval_step_s" :label="__('shots.kit.in_steps')" :value="$texts['/trigger/interval_step_s']"
            :unit="__('common.seconds_unit')" :width="4"
            shown-label />
        <x-number pointer="/trigger/intervals_s" :label="__('shots.kit.or_these')" :value="$texts['/trigger/intervals_s']" :unit="__('common.seconds_unit')"
            :width="14" shown-label
            class="is-list" />
        <x-number pointer="/trigger/camera_interval_s" :label="__('shots.kit.set_to')" :value="$texts['/trigger/camera_interval_s']"
            :unit="__('common.seconds_unit')" :width="5"
            shown-label />
        <x-number pointer="/trigger/drift_ppm" :label="__('shots.kit.drift')" :value="$texts['/trigger/drift_ppm']" unit="ppm" :width="5" shown-label />
        <x-number pointer="/trigger/camera_starts_s" :label="__('shots.kit.starts_after')" :value="$texts['/trigger/camera_starts_s']"
            :unit="__('common.seconds_unit')"
            :width="5" shown-label />
        <x-number pointer="/trigger/camera_photos" :label="__('shots.kit.camera_photos')" :value="$texts['/trigger/camera_photos']" :width="5" shown-label />
        <x-number pointer="/rig/post_exposure_delay_s" :label="__('shots.kit.delay')" :value="$texts['/rig/post_exposure_delay_s']"
            :unit="__('common.seconds_unit')" shown-label />
        <x-number pointer="/rig/settle_s" :label="__('shots.kit.settling')" :value="$texts['/rig/settle_s']" :unit="__('common.seconds_unit')" shown-label />
        <x-choice pointer="/rig/ramp_entry" :label="__('shots.kit.ramps')" :value="$texts['/rig/ramp_entry']"
            :options="['' => __('common.not_set'), 'each_end' => __('shots.kit.each'), 'total' => __('shots.kit.both')]" />
        <x-number pointer="/camera/shutter_lag_s" :label="__('shots.kit.lag')" :value="$texts['/camera/shutter_lag_s']"
            :unit="__('common.seconds_unit')" shown-label />
        <x-number pointer="/camera/write_s" :label="__('shots.kit.write')" :value="$texts['/camera/write_s']" :unit="__('common.seconds_unit')" shown-label />
        <x-number pointer="/camera/set_s" :label="__('shots.kit.set')" :value="$texts['/camera/set_s']" :unit="__('common.seconds_unit')" shown-label />
        <x-number pointer="/camera/buffer_frames" :label="__('shots.kit.buffer')" :value="$texts['/camera/buffer_frames']"
            :unit="__('common.photos_unit')" shown-label />
        <x-choice pointer="/camera/long_exposure_noise_reduction" :label="__('shots.kit.reduction')" :value="$texts['/camera/long_exposure_noise_reduction']"
            :options="['0' => __('shots.kit.off'), '1' => __('shots.kit.doubles')]" />
        <x-choice pointer="/camera/exposure_timed_by" :label="__('shots.kit.timed_by')" :value="$texts['/camera/exposure_timed_by']"
            :options="['' => __('common.not_set'), 'camera' => __('shots.kit.by_shutter'), 'controller' => __('shots.kit.by_controller')]" />
        <x-choice pointer="/camera/dial" :label="__('shots.kit.dial')" :value="$texts['/camera/dial']"
            :options="['' => __('shots.kit.not_looked'), 'manual' => __('timing.dial.manual'), 'bulb' => __('timing.dial.bulb'),
            'aperture_priority' => __('timing.dial.aperture_priority'),
            'shutter_priority' => __('timing.dial.shutter_priority')]" />
        <x-choice pointer="/camera/marks_are_literal" :label="__('shots.kit.mark')" :value="$texts['/camera/marks_are_literal']"
            :options="['0' => __('shots.kit.mark_32'), '1' => __('shots.kit.mark_30')]" />
        <x-number pointer="/camera/next_file_number" :label="__('shots.kit.next_file')" :value="$texts['/camera/next_file_number']" :width="5" shown-label />
        <x-number pointer="/rig/base/off_level_deg" :label="__('shots.kit.off_level')" :value="$texts['/rig/base/off_level_deg']" unit="°"
            :width="5" shown-label />
        <x-number pointer="/rig/base/toward_deg" :label="__('shots.kit.toward')" :value="$texts['/rig/base/toward_deg']" unit="°" :width="5" shown-label />
    </div>
</x-fold>
</section>
