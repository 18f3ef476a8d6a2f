<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * L5: the crop to the output's aspect cuts into what was framed.
 */
final class CropCutsFraming implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        if ($optics === null || $optics->croppedAway() < $shot->plan->thresholds->cropShare) {
            return null;
        }
        $cut = PlainText::rounded($optics->croppedAway() * 100.0, 0);
        $ends = PlainText::rounded($optics->croppedAway() * 50.0, 0);
        $sides = $optics->croppedWidthPixels() < $optics->imageWidthPixels ? 'left and right' : 'top and bottom';

        return new Finding(
            'L5',
            Severity::Know,
            'The clip is cropped from the photos',
            "{$cut} % cut off",
            "To fit {$optics->outputWidthPixels} × {$optics->outputHeightPixels}, {$ends} % go at {$sides} each: keep what matters clear of those edges.",
            null,
            0,
        );
    }
}
