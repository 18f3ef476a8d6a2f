<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * T14: the shutter is dragged on a subject too slow to blur, which costs time and filters and shows nothing.
 */
final class ExposureDraggedForNothing implements Check
{
    /** Blur of less than a pixel of the clip is not there. */
    public const VISIBLE_PIXELS = 1.0;

    /** So far below what is called dragged, nobody calls it so. */
    private const PLAIN_PART_OF_DRAGGED = 0.4;

    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null || !$shot->plan->timing->mode->hasClock() || $motion->picture->optics->subjectMetresPerSecond === 0.0) {
            return null;
        }
        $dragged = [];
        foreach ($shot->schedule->exposureSeconds as $n => $exposure) {
            $share = $exposure / $shot->schedule->intervalSeconds[$n];
            if ($share >= $shot->plan->thresholds->draggedShare && $motion->picture->subjectTravel($exposure) < self::VISIBLE_PIXELS) {
                $dragged[] = $n;
            }
        }
        if ($dragged === []) {
            return null;
        }
        $first = $dragged[0];
        $blur = Quantity::rounded($motion->picture->subjectTravel($shot->schedule->exposureSeconds[$first]), 2);
        $factor = self::plainFactor($shot);

        return new Finding(
            FindingId::ExposureDraggedForNothing,
            new Message('checks.exposure_dragged_for_nothing.title'),
            new Message('checks.exposure_dragged_for_nothing.shortfall', ['blur' => $blur]),
            new Message('checks.exposure_dragged_for_nothing.sentence', [
                'exposureSeconds' => Quantity::seconds($shot->schedule->exposureSeconds[$first]),
                'blur' => $blur,
            ]),
            $first + 1,
            count($dragged),
            static fn (): array => array_filter([self::plain($shot, $factor)]),
        );
    }

    private static function plain(Shot $shot, float $factor): ?Remedy
    {
        $shorter = Exposing::changed($shot->plan, static fn (float $seconds): float => $seconds * $factor, true);
        if ($shorter === null) {
            return null;
        }
        [$made, $light] = Exposing::madeUpFor($shot, $shorter);
        [$before, $after] = [$shot->plan->timing->exposure, $shorter->timing->exposure];

        return new Remedy(
            'exposure',
            $before->isConstant()
                ? new Message('fixes.expose', ['told' => Exposing::told($shorter, $after->longest())])
                : new Message('fixes.shorten_exposures', ['stops' => Quantity::stops(log($before->longest() / $after->longest(), 2))]),
            $light,
            $made,
        );
    }

    /** What brings the largest share down to a plain one. With a gap the interval shrinks along with the exposure. */
    private static function plainFactor(Shot $shot): float
    {
        $share = 0.0;
        foreach ($shot->schedule->exposureSeconds as $n => $exposure) {
            $share = max($share, $exposure / $shot->schedule->intervalSeconds[$n]);
        }

        $plain = self::PLAIN_PART_OF_DRAGGED * $shot->plan->thresholds->draggedShare;

        return $shot->plan->timing->intervalMeans === IntervalMeaning::Gap
            ? $plain / (1.0 - $plain) * (1.0 - $share) / $share
            : $plain / $share;
    }
}
