<?php

declare(strict_types=1);

namespace App\Pages;

/**
 * Warning limits as they stand in a form: from where on a shooter is told.
 */
final class Limits
{
    /** Label and unit by field of the plan's thresholds. */
    public const FIELDS = [
        'clip_s' => ['Clip shorter than', 's'], 'crossing_s' => ['Crossing the frame in less than', 's'], 'settle_s' => ['Settling less than', 's'],
        'subject_step_share' => ['Subject steps over', '% of the frame'], 'blur_share' => ['Open for less than', '% of the interval'],
        'dragged_share' => ['Dragged from', '% of the interval'],
        'smear_px' => ['Smear over', 'px'], 'motor_step_px' => ['Motor step over', 'px'],
        'parallax_share' => ['Parallax under', '% of the frame'], 'crop_share' => ['Crop of more than', '% of the photo'],
        'light_stops' => ['Brightness out by over', 'stops'], 'trail_px' => ['Stars trail over', 'px'], 'horizon_px' => ['Horizon leans over', 'px'],
    ];
}
