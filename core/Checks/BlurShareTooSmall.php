<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * T13: the shutter is open for so small a share of the interval that a fast subject looks staccato.
 */
final class BlurShareTooSmall implements Check
{
    /** A subject that moves less than this share of the frame from photo to photo looks smooth all the same. */
    public const FAST_STEP_SHARE = 0.01;

    private const SHARES_TO_TRY = [0.5, 0.33, 0.25, 0.15, 0.11];

    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null || !$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $fast = self::FAST_STEP_SHARE * $motion->picture->optics->outputWidthPixels;
        $found = [];
        foreach ($shot->schedule->intervalSeconds as $n => $interval) {
            if ($shot->schedule->exposureSeconds[$n] / $interval < $shot->plan->thresholds->blurShare && $motion->picture->subjectTravel($interval) >= $fast) {
                $found[] = $n;
            }
        }
        if ($found === []) {
            return null;
        }
        $first = $found[0];
        $share = $shot->schedule->exposureSeconds[$first] / $shot->schedule->intervalSeconds[$first];
        return new Finding(
            FindingId::BlurShareTooSmall,
            new Message('checks.blur_share_too_small.title'),
            new Message('checks.blur_share_too_small.shortfall', ['share' => Quantity::rounded($share * 100.0, 1)]),
            new Message('checks.blur_share_too_small.sentence', [
                'subjectTravel' => Quantity::rounded($motion->picture->subjectTravel($shot->schedule->intervalSeconds[$first]), 0),
                'share' => Quantity::rounded($share * 100.0, 1),
            ]),
            $first + 1,
            count($found),
            static fn (): array => array_filter([self::longerExposure($shot)]),
        );
    }

    /** The longest exposure that looks right and that the interval holds. */
    private static function longerExposure(Shot $shot): ?Remedy
    {
        $timing = $shot->plan->timing;
        if (!$timing->exposure->isConstant() || !$timing->interval->isConstant() || $timing->intervalMeans === IntervalMeaning::Gap) {
            return null;
        }
        foreach (self::SHARES_TO_TRY as $share) {
            $seconds = Exposing::nearest($shot->plan, $timing->interval->longest() * $share);
            $mended = $shot->plan->withExposure(KeyedSeconds::constant($seconds, Between::Stops, new Message('what.exposure')));
            if ($seconds / $timing->interval->longest() >= $shot->plan->thresholds->blurShare && $shot->schedule->wouldKeepTime($mended)) {
                $stops = log($seconds / $timing->exposure->longest(), 2);
                $filtered = ExposureHelp::filtered($shot, $mended);

                return new Remedy(
                    'exposure',
                    new Message('fixes.expose', ['told' => Exposing::told($mended, $seconds)]),
                    $filtered->light === null || $filtered->light->ndStops === $shot->plan->light?->ndStops
                        ? new Message('checks.blur_share_too_small.with_nd', ['stops' => Quantity::stops($stops)])
                        : new Message('checks.blur_share_too_small.nd', ['stops' => Quantity::stops($filtered->light->ndStops)]),
                    $filtered,
                );
            }
        }

        return null;
    }
}
