@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Timing\IntervalMeaning;
    use Evrent\Core\Timing\Mode;
    $plan = $page->plan;
@endphp
<details class="panel kit">
    <summary class="panel-head"><h2>Rig and camera</h2></summary>
    <div class="grid-fields">
        <x-number pointer="/rig/post_exposure_delay_s" label="Delay after exposure" :value="PlainText::number($plan->rig->postExposureDelaySeconds)" unit="s" shown-label />
        <x-number pointer="/rig/settle_s" label="Settling" :value="PlainText::number($plan->rig->settleSeconds)" unit="s" shown-label />
        <x-number pointer="/camera/shutter_lag_s" label="Shutter lag" :value="PlainText::number($plan->camera->shutterLagSeconds)" unit="s" shown-label />
        <x-number pointer="/camera/write_s" label="Card writing, a photo" :value="PlainText::number($plan->camera->writeSeconds)" unit="s" shown-label />
        <x-number pointer="/camera/buffer_frames" label="Buffer" :value="$plan->camera->bufferFrames" unit="photos" shown-label />
        <span class="number">
            <label for="f-noise">Noise reduction</label>
            <span class="entry"><select class="plan-field" id="f-noise" name="plan[camera][long_exposure_noise_reduction]" form="plan">
                <option value="0" @selected(!$plan->camera->longExposureNoiseReduction)>off</option>
                <option value="1" @selected($plan->camera->longExposureNoiseReduction)>on: doubles busy time</option>
            </select></span>
        </span>
        <span class="number">
            <label for="f-mode">Movement</label>
            <span class="entry"><select class="plan-field" id="f-mode" name="plan[timing][mode]" form="plan" aria-describedby="p-timing-mode">
                <option value="{{ Mode::ShootMoveShoot->value }}" @selected($plan->timing->mode === Mode::ShootMoveShoot)>stop for each photo</option>
                <option value="{{ Mode::Continuous->value }}" @selected($plan->timing->mode === Mode::Continuous)>creep on without stopping</option>
            </select></span>
            <x-problem pointer="/timing/mode" />
        </span>
        <span class="number">
            <label for="f-means">Interval means</label>
            <span class="entry"><select class="plan-field" id="f-means" name="plan[timing][interval_means]" form="plan">
                <option value="{{ IntervalMeaning::StartToStart->value }}" @selected($plan->timing->intervalMeans === IntervalMeaning::StartToStart)>start to start</option>
                <option value="{{ IntervalMeaning::Gap->value }}" @selected($plan->timing->intervalMeans === IntervalMeaning::Gap)>gap after exposure</option>
            </select></span>
        </span>
    </div>
    <div class="scrolls">
    <table class="table axes">
        <thead><tr><th scope="col">Axis</th><th scope="col">from</th><th scope="col">to</th><th scope="col">top speed</th><th scope="col">acceleration</th><th scope="col">steps per unit</th><th scope="col">backlash</th></tr></thead>
        <tbody>
            @foreach ($plan->rig->axes as $a => $axis)
                <tr>
                    <th scope="row">{{ $axis->id }}</th>
                    @foreach (['min' => ['lowest position', $axis->min, $axis->kind->unit()], 'max' => ['highest position', $axis->max, $axis->kind->unit()], 'max_speed' => ['top speed', $axis->maxSpeed, $axis->kind->unit() . '/s'], 'max_acceleration' => ['acceleration', $axis->maxAcceleration, $axis->kind->unit() . '/s²'], 'steps_per_unit' => ['motor steps per unit', $axis->stepsPerUnit, ''], 'backlash' => ['backlash', $axis->backlash, $axis->kind->unit()]] as $field => [$label, $value, $unit])
                        <td><x-number :pointer="'/rig/axes/' . $a . '/' . $field" :label="ucfirst($axis->id) . ' ' . $label" :value="PlainText::number($value)" :unit="$unit" :width="5" /></td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
</details>
