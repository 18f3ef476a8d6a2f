<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Optics\SubjectKind;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Words\PlainText;

/**
 * T9: the interval is too long for a fast subject. One thing that the eye follows jumps across the frame; a stream of many is seen as
 * a stream until each of them is gone before the next photo, and even then a dragged shutter makes a flow of it.
 */
final class IntervalTooLongForSubject implements Check
{
    /** A stream is told of above this share of the frame a photo, and with the shutter open for less than that share of the interval. */
    private const STREAM_STEP_SHARE = 0.5;
    private const STREAM_BLUR_SHARE = 0.15;

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::SCALE, '/optics/subject_m', '/optics/subject_speed_m_s', '/optics/subject_kind', '/optics/scene', ...About::CYCLE],
            unmended: 'Rig and camera cannot go faster: frame wider, or step back from the subject.',
        );
    }

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
        $share = PlainText::rounded(100.0 * $motion->picture->subjectTravel($longest) / $optics->outputWidthPixels, 0);

        return new Finding(
            FindingId::IntervalTooLongForSubject,
            Severity::Look,
            'The interval is too long for the subject',
            "{$share} % of the frame a photo",
            sprintf(
                $isStream
                    ? 'In %s what moves crosses %s %% of the frame, and the shutter is open too short to make a flow of it.%s'
                    : 'In %s the subject crosses %s %% of the frame: it jumps, and what was not photographed cannot be slowed down later.%s',
                PlainText::seconds($longest),
                $share,
                self::whyNot($shot, $mostSeconds),
            ),
            $over[0] + 1,
            count($over),
            static fn (): array => array_values(array_filter([self::shorterInterval($shot, $mostSeconds), self::creeping($shot, $mostSeconds)])),
        );
    }

    /** Why no interval is offered that is short enough; empty where one may be. */
    private static function whyNot(Shot $shot, float $mostSeconds): string
    {
        $needed = max([0.0, ...array_filter($shot->schedule->timeline->requiredSeconds, is_float(...))]);

        return $needed <= $mostSeconds ? '' : sprintf(
            ' Rig and camera need %s a photo, and it would have to be %s.',
            PlainText::seconds($needed),
            PlainText::seconds($mostSeconds),
        );
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
            'Move continuously, and take one every ' . PlainText::seconds($shorter->mended->timing->interval->longest()),
            'the rig no longer stops for each photo',
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
            sprintf('Take one every %s s', PlainText::number($seconds)),
            '',
            $mended,
        );
    }
}
