<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Words\Words;

/**
 * Warning limits as they stand in a form: from where on a shooter is told.
 */
final class Limits
{
    /** Unit by field of the plan's thresholds; its label is under app.limits. */
    public const FIELDS = [
        'clip_s' => 's', 'crossing_s' => 's', 'settle_s' => 's', 'subject_step_share' => 'app.limits.of_frame', 'blur_share' => 'app.limits.of_interval',
        'dragged_share' => 'app.limits.of_interval', 'smear_px' => 'px', 'motor_step_px' => 'px', 'parallax_share' => 'app.limits.of_frame',
        'crop_share' => 'app.limits.of_photo', 'light_stops' => 'app.limits.stops', 'trail_px' => 'px', 'horizon_px' => 'px',
    ];

    public static function label(string $field): string
    {
        return Words::of("app.limits.{$field}");
    }

    public static function unit(string $field): string
    {
        $unit = self::FIELDS[$field];

        return str_contains($unit, '.') ? Words::of($unit) : $unit;
    }
}
