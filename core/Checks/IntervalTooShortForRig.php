<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * T1: the interval is shorter than exposure, move and settling together; or longer by less than what devices vary by, which passes by luck.
 */
final class IntervalTooShortForRig implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::CYCLE],
            Cause::Cycle,
            unmended: Mending::NOT_IN_TIME,
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $over = Timeline::overrunning($shot->schedule->timeline->rigSeconds, $shot->schedule->intervalSeconds);
        if ($over === []) {
            return $shot->schedule->summary->fits() && !$shot->schedule->hasRoom() ? self::byLuck($shot) : null;
        }
        $worst = $over[0];
        foreach ($over as $n) {
            if (self::shortBy($shot, $n) > self::shortBy($shot, $worst) + Timeline::TOLERANCE_SECONDS) {
                $worst = $n;
            }
        }
        $stops = $shot->plan->timing->mode->stops() && $shot->plan->rig->axes !== [];

        return new Finding(
            FindingId::IntervalTooShortForRig,
            $shot->schedule->summary->lateSeconds > EverydayNoise::NOTICEABLE_SECONDS ? Severity::Stops : Severity::Look,
            $stops ? 'The interval is too short for exposure, move and settling' : 'The interval is shorter than the exposure',
            PlainText::seconds(self::shortBy($shot, $worst)) . ' short',
            sprintf(
                'Photo %d needs %s for %s but the next one is due after %s.',
                $worst + 1,
                PlainText::seconds($shot->schedule->timeline->rigSeconds[$worst] ?? 0.0),
                $stops ? 'its exposure, the move and settling,' : 'its shutter lag and exposure,',
                PlainText::seconds($shot->schedule->intervalSeconds[$worst]),
            ),
            $over[0] + 1,
            count($over),
            static fn (): array => Mending::onTime($shot),
        );
    }

    private static function byLuck(Shot $shot): Finding
    {
        $summary = $shot->schedule->summary;
        $n = $summary->tightestPhoto - 1;
        $camera = $shot->plan->camera;
        $needed = $shot->schedule->timeline->cameraSeconds[$n] ?? 0.0;
        $shutter = $camera->shutterLagSeconds + $camera->shutterBusySeconds($shot->schedule->exposureSeconds[$n]);
        // What the rig does takes less: it is the card that has to keep up.
        $isWriting = $needed > ($shot->schedule->timeline->rigSeconds[$n] ?? 0.0) + Timeline::TOLERANCE_SECONDS
            && $needed > $shutter + Timeline::TOLERANCE_SECONDS && $camera->writeSeconds > 0.0;

        return new Finding(
            FindingId::IntervalTooShortForRig,
            Severity::Look,
            $isWriting ? 'The card keeps up only just' : 'The interval leaves no room for everyday noise',
            PlainText::seconds($summary->minSlackSeconds) . ' to spare',
            $isWriting ? sprintf(
                'Each photo takes %s to write, and photo %d has %s to spare. What writing varies by adds up: the last photo is up to %s late.',
                PlainText::seconds($camera->writeSeconds),
                $summary->tightestPhoto,
                PlainText::seconds($summary->minSlackSeconds),
                PlainText::duration($shot->schedule->latestSeconds()),
            ) : sprintf(
                'Photo %d has %s to spare: %s vary by more than that from photo to photo, and it is on time by luck.',
                $summary->tightestPhoto,
                PlainText::seconds($summary->minSlackSeconds),
                $shot->plan->rig->axes === [] ? 'timer, shutter and card' : 'timer, shutter, card and motors',
            ),
            $summary->tightestPhoto,
            1,
            static fn (): array => Mending::onTime($shot),
        );
    }

    private static function shortBy(Shot $shot, int $n): float
    {
        return ($shot->schedule->timeline->rigSeconds[$n] ?? 0.0) - $shot->schedule->intervalSeconds[$n];
    }
}
