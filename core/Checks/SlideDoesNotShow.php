<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Shot\Shot;

/**
 * T19: nothing is near enough for the slide to show as more than a drift of the whole picture.
 */
final class SlideDoesNotShow implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        $positions = $shot->schedule->positionsFor(AxisRole::Slide) ?? [];
        if ($motion === null || $positions === []) {
            return null;
        }
        $travel = max($positions) - min($positions);
        $optics = $motion->picture->optics;
        $parallax = $motion->picture->parallax($travel);
        if ($travel === 0.0 || $parallax >= $shot->plan->thresholds->parallaxShare * $optics->outputWidthPixels) {
            return null;
        }

        return new Finding(
            FindingId::SlideDoesNotShow,
            new Message('checks.slide_does_not_show.title'),
            new Message('checks.slide_does_not_show.shortfall', ['parallax' => Quantity::rounded($parallax, 1)]),
            new Message('checks.slide_does_not_show.sentence', [
                'axisText' => $shot->units->axisText(AxisKind::Linear, $travel, $shot->units->rig === 'mm' ? 0 : 1),
                'distanceText' => $shot->units->distanceText($optics->foregroundMetres, 1),
                'parallax' => Quantity::rounded($parallax, 1),
            ]),
            null,
            0,
        );
    }
}
