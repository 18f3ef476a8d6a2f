<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * L5: the crop to the output's aspect cuts into what a keyframe was framed for. What else it cuts off is told under the finder.
 */
final class CropCutsFraming implements Check
{
    private const TOLERANCE = 1e-9;

    /** What the crop cuts off, for a line under the finder; empty where it is too little to speak of. */
    public static function told(Plan $plan): Message|string
    {
        $optics = $plan->optics;
        if ($optics === null || $optics->croppedAway() < $plan->thresholds->cropShare) {
            return '';
        }
        $sides = $optics->croppedWidthPixels() < $optics->imageWidthPixels
            ? new Message('checks.crop_cuts_framing.sides')
            : new Message('checks.crop_cuts_framing.top');

        return new Message('checks.crop_cuts_framing.crop', [
            'outputWidthPixels' => $optics->outputWidthPixels,
            'outputHeightPixels' => $optics->outputHeightPixels,
            'croppedAway' => Quantity::rounded($optics->croppedAway() * 50.0, 0),
            'sides' => $sides,
        ]);
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
        $sides = $left[0] < 1.0 ? new Message('checks.crop_cuts_framing.sides') : new Message('checks.crop_cuts_framing.top');
        $across = new Message($left[0] < 1.0 ? 'checks.crop_cuts_framing.width' : 'checks.crop_cuts_framing.height');
        $peg = Move::peg($worst);

        return new Finding(
            FindingId::CropCutsFraming,
            new Message('checks.crop_cuts_framing.title'),
            new Message('checks.crop_cuts_framing.shortfall', [
                'cut' => Quantity::roundedPercent($cut[$worst]),
                'across' => $across,
                'peg' => $peg,
            ]),
            new Message('checks.crop_cuts_framing.sentence', [
                'peg' => $peg,
                'left' => Quantity::roundedPercent(min($left) + $cut[$worst]),
                'across' => $across,
                'outputWidthPixels' => $optics->outputWidthPixels,
                'outputHeightPixels' => $optics->outputHeightPixels,
                'left2' => Quantity::roundedPercent(min($left)),
                'sides' => $sides,
            ]),
            $shot->schedule->pegPhotos()[$worst] ?? null,
            count($cut),
        );
    }
}
