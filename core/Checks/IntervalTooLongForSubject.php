<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Optics\SubjectKind;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\Mode;

/**
 * T9: the interval is too long for a fast subject. One thing that the eye follows jumps across the frame; a stream of many is seen as
 * a stream until each of them is gone before the next photo, and even then a dragged shutter makes a flow of it.
 */
final class IntervalTooLongForSubject implements Check
{
    /** A stream is told of above this share of the frame a photo, and with the shutter open for less than that share of the interval. */
    private const STREAM_STEP_SHARE = 0.5;
    private const STREAM_BLUR_SHARE = 0.15;

    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null || !$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $optics = $motion->picture->optics;
        $isStream = $optics->subjectKind === SubjectKind::Stream;
        $most = $isStream ? max(self::STREAM_STEP_SHARE, $shot->plan->thresholds->subjectStepShare) : $shot->plan->thresholds->subjectStepShare;
        $mostSeconds = $most * $optics->outputWidthPixels / max(1e-9, $motion->picture->subjectTravel(1.0));
        $over = [];
        foreach ($shot->schedule->intervalSeconds as $n => $interval) {
            $flows = $isStream && $shot->schedule->exposureSeconds[$n] / max(1e-9, $interval) >= self::STREAM_BLUR_SHARE;
            if ($interval > $mostSeconds * (1.0 + 1e-9) && !$flows) {
                $over[] = $n;
            }
        }
        if ($over === []) {
            return null;
        }
        $longest = max(array_map(static fn (int $n): float => $shot->schedule->intervalSeconds[$n], $over));
        $share = Quantity::rounded(100.0 * $motion->picture->subjectTravel($longest) / $optics->outputWidthPixels, 0);

        return new Finding(
            FindingId::IntervalTooLongForSubject,
            new Message('checks.interval_too_long_for_subject.title'),
            new Message('checks.interval_too_long_for_subject.shortfall', ['share' => $share]),
            new Message($isStream ? 'checks.interval_too_long_for_subject.flow' : 'checks.interval_too_long_for_subject.jumps', [
                'seconds' => Quantity::seconds($longest),
                'share' => $share,
                'more' => self::whyNot($shot, $mostSeconds),
            ]),
            $over[0] + 1,
            count($over),
            static fn (): array => array_values(array_filter([self::shorterInterval($shot, $mostSeconds), self::creeping($shot, $mostSeconds)])),
        );
    }

    /** Why no interval is offered that is short enough; empty where one may be. */
    private static function whyNot(Shot $shot, float $mostSeconds): Message|string
    {
        $needed = max([0.0, ...array_filter($shot->schedule->timeline->requiredSeconds, is_float(...))]);

        return $needed <= $mostSeconds ? '' : new Message('checks.interval_too_long_for_subject.needs', [
            'needed' => Quantity::seconds($needed),
            'mostSeconds' => Quantity::seconds($mostSeconds),
        ]);
    }

    /** Moving continuously, nothing waits for the move and its settling. */
    private static function creeping(Shot $shot, float $mostSeconds): ?Remedy
    {
        // A rig that creeps on cannot pause for the night.
        if (!$shot->plan->timing->mode->stops() || $shot->plan->window !== null) {
            return null;
        }
        $creeps = Shot::of($shot->plan->withTiming($shot->plan->timing->withMode(Mode::Continuous)));
        $shorter = self::shorterInterval($creeps, $mostSeconds);

        return $shorter === null ? null : new Remedy(
            'creep',
            new Message('checks.interval_too_long_for_subject.creep', [
                'longest' => Quantity::seconds($shorter->mended->timing->interval->longest()),
            ]),
            new Message('checks.interval_too_long_for_subject.no_stops'),
            $shorter->mended,
        );
    }

    private static function shorterInterval(Shot $shot, float $mostSeconds): ?Remedy
    {
        $resolution = $shot->plan->trigger->resolutionSeconds();
        $seconds = round(floor($mostSeconds / $resolution + 1e-9) * $resolution, 9);
        if ($seconds <= 0.0 || $shot->plan->timing->intervalMeans === IntervalMeaning::Gap) {
            return null;
        }
        $mended = $shot->plan->withInterval($shot->plan->timing->interval->map(static fn (float $interval): float => min($interval, $seconds)));
        if (!$shot->schedule->wouldKeepTime($mended)) {
            return null;
        }

        return new Remedy(
            'interval',
            new Message('fixes.interval_s', ['seconds' => Quantity::number($seconds)]),
            '',
            $mended,
        );
    }
}
