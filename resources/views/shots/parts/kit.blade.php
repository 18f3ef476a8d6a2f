@php
    use App\Pages\InShort;
    use App\Pages\NumberField;
    use Evrent\Core\Plan\FocusMode;
    use Evrent\Core\Plan\Socket;
    use Evrent\Core\Plan\WhiteBalance;
    $plan = $page->plan;
@endphp
<section class="panel" aria-labelledby="limits-title">
<header class="panel-head"><h2 id="limits-title">Rig and camera</h2><span class="quiet">every verdict rests on these</span></header>
<x-fold id="rig-limits" title="Limits of the rig" :says="InShort::limits($plan)">
    <div class="scrolls">
    <table class="table axes">
        <thead><tr><th scope="col">Axis</th><th scope="col">from</th><th scope="col">to</th><th scope="col">top speed</th>
        <th scope="col">acceleration</th><th scope="col">steps per unit</th><th scope="col">backlash</th>
        <th scope="col">slowest</th></tr></thead>
        <tbody>
            @foreach ($plan->rig->axes as $a => $axis)
                @php $unit = $settings->units->ofAxis($axis->kind); @endphp
                <tr>
                    <th scope="row">{{ $axis->id }}</th>
                    @foreach (['min' => ['lowest position', $unit], 'max' => ['highest position', $unit], 'max_speed' => ['top speed', $unit . '/s'],
                        'max_acceleration' => ['acceleration', $unit . '/s²'], 'steps_per_unit' => ['motor steps per unit', ''],
                        'backlash' => ['backlash', $unit], 'min_speed' => ['slowest speed', $unit . '/s']] as $field => [$label, $fieldUnit])
                        <td>{!! NumberField::html("/rig/axes/{$a}/{$field}", ucfirst($axis->id) . ' ' . $label, $texts["/rig/axes/{$a}/{$field}"] ?? '',
                            $fieldUnit, $field === 'steps_per_unit' ? 8 : 5, $errors->first("plan.rig.axes.{$a}.{$field}") ?: null) !!}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
    <div class="grid-fields"><x-choice pointer="/rig/quiet" label="Sound beside the rig" :value="$texts['/rig/quiet'] ?? '0'"
        :options="['0' => 'is not recorded', '1' => 'is recorded: no axis faster than its quiet speed']" />
        @foreach ($plan->rig->axes as $a => $axis)
        <x-number :pointer="'/rig/axes/' . $a . '/quiet_speed'" :label="ucfirst($axis->id) . ', quiet up to'" shown-label
            :value="$texts['/rig/axes/' . $a . '/quiet_speed'] ?? ''" :unit="$settings->units->ofAxis($axis->kind) . '/s'" :width="5" />
        <x-choice :pointer="'/rig/axes/' . $a . '/endless'" :label="ucfirst($axis->id)" :value="$texts['/rig/axes/' . $a . '/endless'] ?? '0'"
            :options="['0' => 'has ends', '1' => 'goes on without end']" />
        <x-number :pointer="'/rig/axes/' . $a . '/clockwork_per_h'" :label="ucfirst($axis->id) . ', by clockwork an hour'" shown-label
            :value="$texts['/rig/axes/' . $a . '/clockwork_per_h'] ?? ''" :unit="$settings->units->ofAxis($axis->kind)" :width="5" />@endforeach
    </div>
</x-fold>
<x-fold id="camera-set" title="Set on the camera" :says="implode(', ', $plan->settings->told())">
    <div class="grid-fields">
        @php $yes = ['' => 'not said', '0' => 'off', '1' => 'on']; $options = App\Pages\InShort::options(...); @endphp
        <x-choice pointer="/settings/white_balance" label="White balance" :value="$texts['/settings/white_balance']" :options="$options(WhiteBalance::class)" />
        <x-number pointer="/settings/white_balance_k" label="at" :value="$texts['/settings/white_balance_k']" unit="K" :width="5" shown-label />
        <x-number pointer="/settings/white_balance_end_k" label="at the end" :value="$texts['/settings/white_balance_end_k']" unit="K" :width="5" shown-label />
        <x-choice pointer="/settings/focus" label="Focus" :value="$texts['/settings/focus']" :options="$options(FocusMode::class)" />
        @foreach (['stabiliser' => 'Stabiliser', 'review' => 'Review of photos', 'beep' => 'Beep'] as $field => $label)<x-choice
            :pointer="'/settings/' . $field" :label="$label" :value="$texts['/settings/' . $field]" :options="$yes" />@endforeach
    </div>
</x-fold>
<x-fold id="lead" title="Lead from rig to camera" :says="$plan->lead->name ?? $plan->lead->wanted()">
    <div class="grid-fields">
        <x-choice pointer="/lead/rig_gives" label="The rig gives" :value="$texts['/lead/rig_gives']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/body_takes" label="The camera takes" :value="$texts['/lead/body_takes']" :options="$options(Socket::class)" />
        <x-number pointer="/lead/name" label="Lead or adapter between" :value="$texts['/lead/name']" :width="22" shown-label />
        <x-choice pointer="/lead/rig_end" label="its plug at the rig" :value="$texts['/lead/rig_end']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/body_end" label="its plug at the camera" :value="$texts['/lead/body_end']" :options="$options(Socket::class)" />
        <x-choice pointer="/lead/half_press" label="Half-press" :value="$texts['/lead/half_press']"
            :options="['' => 'not said', '1' => 'wired', '0' => 'not wired']" />
        <x-choice pointer="/lead/holds_bulb" label="Held open on bulb" :value="$texts['/lead/holds_bulb']"
            :options="['' => 'not said', '1' => 'it can', '0' => 'it cannot']" />
    </div>
</x-fold>
<x-fold id="rig-and-camera" title="Times, trigger and base" :says="InShort::rigTimes($texts)">
    <div class="grid-fields">
        <x-choice pointer="/trigger/by" label="The shutter is fired by" :value="$texts['/trigger/by']"
            :options="['rig' => 'the rig', 'camera_timer' => 'the camera’s own timer']" />
        <x-number pointer="/trigger/count_limit" label="It counts up to" :value="$texts['/trigger/count_limit']" unit="photos" :width="5" shown-label />
        <x-number pointer="/trigger/interval_step_s" label="Interval set in steps of" :value="$texts['/trigger/interval_step_s']" unit="s" :width="4"
            shown-label />
        <x-number pointer="/trigger/intervals_s" label="or one of these" :value="$texts['/trigger/intervals_s']" unit="s" :width="14" shown-label
            class="is-list" />
        <x-number pointer="/trigger/camera_interval_s" label="Camera’s timer set to" :value="$texts['/trigger/camera_interval_s']" unit="s" :width="5"
            shown-label />
        <x-number pointer="/trigger/drift_ppm" label="It runs slow by" :value="$texts['/trigger/drift_ppm']" unit="ppm" :width="5" shown-label />
        <x-number pointer="/trigger/camera_starts_s" label="It starts after the rig by" :value="$texts['/trigger/camera_starts_s']" unit="s"
            :width="5" shown-label />
        <x-number pointer="/trigger/camera_photos" label="Photos set in the camera" :value="$texts['/trigger/camera_photos']" :width="5" shown-label />
        <x-number pointer="/rig/post_exposure_delay_s" label="Delay after exposure" :value="$texts['/rig/post_exposure_delay_s']" unit="s" shown-label />
        <x-number pointer="/rig/settle_s" label="Settling" :value="$texts['/rig/settle_s']" unit="s" shown-label />
        <x-choice pointer="/rig/ramp_entry" label="Controller takes ramps as" :value="$texts['/rig/ramp_entry']"
            :options="['' => 'not said', 'each_end' => 'a number for each end', 'total' => 'one number for both']" />
        <x-number pointer="/camera/shutter_lag_s" label="Shutter lag" :value="$texts['/camera/shutter_lag_s']" unit="s" shown-label />
        <x-number pointer="/camera/write_s" label="Card writing, a photo" :value="$texts['/camera/write_s']" unit="s" shown-label />
        <x-number pointer="/camera/set_s" label="Setting the camera" :value="$texts['/camera/set_s']" unit="s" shown-label />
        <x-number pointer="/camera/buffer_frames" label="Buffer" :value="$texts['/camera/buffer_frames']" unit="photos" shown-label />
        <x-choice pointer="/camera/long_exposure_noise_reduction" label="Noise reduction" :value="$texts['/camera/long_exposure_noise_reduction']"
            :options="['0' => 'off', '1' => 'on: doubles busy time']" />
        <x-choice pointer="/camera/exposure_timed_by" label="The exposure is ended by" :value="$texts['/camera/exposure_timed_by']"
            :options="['' => 'not said', 'camera' => 'the camera’s shutter time', 'controller' => 'the controller']" />
        <x-choice pointer="/camera/dial" label="The dial stands on" :value="$texts['/camera/dial']"
            :options="['' => 'not looked', 'manual' => 'manual', 'bulb' => 'bulb', 'aperture_priority' => 'aperture priority',
            'shutter_priority' => 'shutter priority']" />
        <x-choice pointer="/camera/marks_are_literal" label="A mark of 30 s" :value="$texts['/camera/marks_are_literal']"
            :options="['0' => 'is 32 s, as thirds go', '1' => 'is 30 s']" />
        <x-number pointer="/camera/next_file_number" label="Next file number" :value="$texts['/camera/next_file_number']" :width="5" shown-label />
        <x-number pointer="/rig/base/off_level_deg" label="Base off level by" :value="$texts['/rig/base/off_level_deg']" unit="°" :width="5" shown-label />
        <x-number pointer="/rig/base/toward_deg" label="leaning toward" :value="$texts['/rig/base/toward_deg']" unit="°" :width="5" shown-label />
    </div>
</x-fold>
</section>
