<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\PictureMotion;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\Solver;
use Evrent\Core\Words\PlainText;

/**
 * T9: the interval is too long for a fast subject, which jumps across the frame and cannot be slowed afterwards.
 */
final class IntervalTooLongForSubject implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null || !$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $width = $motion->picture->optics->outputWidthPixels;
        $longest = max([0.0, ...$shot->schedule->intervalSeconds]);
        $share = $motion->picture->subjectTravel($longest) / $width;
        if ($share <= $shot->plan->thresholds->subjectStepShare) {
            return null;
        }
        $mostSeconds = $shot->plan->thresholds->subjectStepShare / $share * $longest;
        $over = array_keys(array_filter($shot->schedule->intervalSeconds, static fn (float $seconds): bool => $seconds > $mostSeconds));
        return new Finding(
            'T9',
            Severity::Look,
            'The interval is too long for the subject',
            PlainText::rounded($share * 100.0, 0) . ' % of the frame a photo',
            sprintf(
                'In %s the subject crosses %s %% of the frame: it jumps, and what was not photographed cannot be slowed down later.',
                PlainText::seconds($longest),
                PlainText::rounded($share * 100.0, 0),
            ),
            $over[0] + 1,
            count($over),
            static fn (): array => array_filter([self::shorterInterval($shot, $mostSeconds)]),
        );
    }

    private static function shorterInterval(Shot $shot, float $mostSeconds): ?Remedy
    {
        $seconds = round(floor($mostSeconds / Solver::TIMER_RESOLUTION_SECONDS + 1e-9) * Solver::TIMER_RESOLUTION_SECONDS, 9);
        if ($seconds <= 0.0 || $shot->plan->timing->intervalMeans === IntervalMeaning::Gap) {
            return null;
        }
        $mended = $shot->plan->withInterval($shot->plan->timing->interval->map(static fn (float $interval): float => min($interval, $seconds)));
        if (!$shot->schedule->wouldKeepTime($mended)) {
            return null;
        }

        return new Remedy(
            'interval',
            sprintf('Take one every %s s', PlainText::number($seconds)),
            sprintf('keeps clip and exposure; %s on site', PlainText::duration(Schedule::of($mended)->summary->onSiteSeconds)),
            $mended,
        );
    }
}
