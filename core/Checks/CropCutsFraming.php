<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * L5: the crop to the output's aspect cuts into what a keyframe was framed for. What else it cuts off is told under the finder.
 */
final class CropCutsFraming implements Check
{
    private const TOLERANCE = 1e-9;

    /** What the crop cuts off, for a line under the finder; empty where it is too little to speak of. */
    public static function told(Plan $plan): string
    {
        $optics = $plan->optics;
        if ($optics === null || $optics->croppedAway() < $plan->thresholds->cropShare) {
            return '';
        }
        $sides = $optics->croppedWidthPixels() < $optics->imageWidthPixels ? 'left and right' : 'top and bottom';

        return "To fit {$optics->outputWidthPixels} × {$optics->outputHeightPixels}, " . PlainText::rounded($optics->croppedAway() * 50.0, 0)
            . " % go at {$sides} each.";
    }

    public static function about(): About
    {
        return new About(
            [Stage::Frame],
            [...About::SCALE],
            unmended: 'Frame wider, or choose the shape of the clip in the camera.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        if ($optics === null) {
            return null;
        }
        $left = [$optics->croppedWidthPixels() / $optics->imageWidthPixels, $optics->croppedHeightPixels() / $optics->imageHeightPixels];
        $cut = [];
        foreach ($shot->plan->move->keyframes as $k => $keyframe) {
            $lost = max(($keyframe->subjectWidth ?? 0.0) - $left[0], ($keyframe->subjectHeight ?? 0.0) - $left[1]);
            if ($lost > self::TOLERANCE) {
                $cut[$k] = $lost;
            }
        }
        if ($cut === []) {
            return null;
        }
        $worst = (int) array_search(max([0.0, ...$cut]), $cut, true);
        $sides = $left[0] < 1.0 ? 'left and right' : 'top and bottom';
        $across = $left[0] < 1.0 ? 'width' : 'height';
        $peg = Move::peg($worst);

        return new Finding(
            FindingId::CropCutsFraming,
            Severity::Look,
            'The crop cuts into the subject',
            PlainText::roundedPercent($cut[$worst]) . " % of the {$across} lost at {$peg}",
            sprintf(
                'At %s the subject takes %s %% of the photo’s %s, and the clip of %d × %d leaves %s %%: %s go. Frame it wider, or in another shape.',
                $peg,
                PlainText::roundedPercent(min($left) + $cut[$worst]),
                $across,
                $optics->outputWidthPixels,
                $optics->outputHeightPixels,
                PlainText::roundedPercent(min($left)),
                $sides,
            ),
            $shot->schedule->pegPhotos()[$worst] ?? null,
            count($cut),
        );
    }
}
