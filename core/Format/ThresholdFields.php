<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Thresholds;

/**
 * The thresholds of a plan by their names in the open format, in the order in which `Thresholds` takes them.
 */
final class ThresholdFields
{
    public const DEFAULTS = [
        'clip_s' => Thresholds::CLIP_SECONDS,
        'subject_step_share' => Thresholds::SUBJECT_STEP_SHARE,
        'crossing_s' => Thresholds::CROSSING_SECONDS,
        'blur_share' => Thresholds::BLUR_SHARE,
        'dragged_share' => Thresholds::DRAGGED_SHARE,
        'smear_px' => Thresholds::SMEAR_PIXELS,
        'settle_s' => Thresholds::SETTLE_SECONDS,
        'parallax_share' => Thresholds::PARALLAX_SHARE,
        'motor_step_px' => Thresholds::MOTOR_STEP_PIXELS,
        'crop_share' => Thresholds::CROP_SHARE,
        'light_stops' => Thresholds::LIGHT_STOPS,
        'trail_px' => Thresholds::TRAIL_PIXELS,
        'horizon_px' => Thresholds::HORIZON_PIXELS,
    ];

    /**
     * @return array<key-of<self::DEFAULTS>, float>
     */
    public static function of(Thresholds $thresholds): array
    {
        return array_combine(array_keys(self::DEFAULTS), [
            $thresholds->clipSeconds,
            $thresholds->subjectStepShare,
            $thresholds->crossingSeconds,
            $thresholds->blurShare,
            $thresholds->draggedShare,
            $thresholds->smearPixels,
            $thresholds->settleSeconds,
            $thresholds->parallaxShare,
            $thresholds->motorStepPixels,
            $thresholds->cropShare,
            $thresholds->lightStops,
            $thresholds->trailPixels,
            $thresholds->horizonPixels,
        ]);
    }
}
