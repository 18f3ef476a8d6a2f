<?php

declare(strict_types=1);

namespace App\Plans;

use Evrent\Core\Plan;

/**
 * The fields that the shot page has for a plan, by JSON pointer.
 */
final class FormFields
{
    private const ALWAYS = [
        '/start_time', '/timing/photos', '/timing/head_photos', '/timing/tail_photos', '/timing/interval_s', '/timing/exposure_s',
        '/timing/frames_per_second', '/timing/start_delay_s', '/move/easing/ramp_in', '/move/easing/ramp_out', '/move/easing/ramp_total', '/move/easing/shape',
        '/timing/mode', '/timing/interval_means',
        '/rig/post_exposure_delay_s', '/rig/settle_s', '/camera/shutter_lag_s', '/camera/write_s', '/camera/buffer_frames',
    ];

    private const OPTICS = [
        'sensor_width_mm', 'sensor_height_mm', 'image_width_px', 'image_height_px', 'focal_mm', 'output_width_px', 'output_height_px',
        'foreground_m', 'subject_m', 'background_m', 'subject_speed_m_s',
    ];

    private const PER_AXIS = ['min', 'max', 'max_speed', 'max_acceleration', 'steps_per_unit', 'backlash'];

    /**
     * @return list<string>
     */
    public static function pointers(Plan $plan): array
    {
        $pointers = self::ALWAYS;
        foreach ($plan->optics === null ? [] : self::OPTICS as $field) {
            $pointers[] = "/optics/{$field}";
        }
        foreach (array_keys($plan->rig->axes) as $a) {
            foreach (self::PER_AXIS as $field) {
                $pointers[] = "/rig/axes/{$a}/{$field}";
            }
        }
        foreach (array_keys($plan->move->keyframes) as $k) {
            foreach ([...$plan->rig->axisIds(), 'at', 'hold_photos'] as $id) {
                $pointers[] = "/move/keyframes/{$k}/{$id}";
            }
        }

        return $pointers;
    }

    /**
     * What to say beside each position that an axis cannot reach. The plan holds it all the same, and a finding offers
     * to mend it.
     *
     * @return array<string, string> by JSON pointer
     */
    public static function beyondTravel(Plan $plan): array
    {
        $messages = [];
        foreach ($plan->move->keyframes as $k => $keyframe) {
            foreach ($plan->rig->axes as $axis) {
                if (!$axis->holds($keyframe->positions[$axis->id])) {
                    $messages["/move/keyframes/{$k}/{$axis->id}"] = $axis->travelProblem();
                }
            }
        }

        return $messages;
    }
}
