<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;

/**
 * T1: the interval is shorter than exposure, move and settling together; or longer by less than what devices vary by, which passes by luck.
 */
final class IntervalTooShortForRig implements Check
{
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

        return (new Finding(
            FindingId::IntervalTooShortForRig,
            $stops ? new Message('checks.interval_too_short_for_rig.title') : new Message('checks.interval_too_short_for_rig.exposure'),
            new Message('checks.interval_too_short_for_rig.short', ['shortBy' => Quantity::seconds(self::shortBy($shot, $worst))]),
            new Message($stops ? 'checks.interval_too_short_for_rig.rig_sentence' : 'checks.interval_too_short_for_rig.exposure_sentence', [
                'worst' => $worst + 1,
                'rigSeconds' => Quantity::seconds($shot->schedule->timeline->rigSeconds[$worst] ?? 0.0),
                'intervalSeconds' => Quantity::seconds($shot->schedule->intervalSeconds[$worst]),
            ]),
            $over[0] + 1,
            count($over),
            static fn (): array => Mending::onTime($shot),
        ))->withSeverity($shot->schedule->summary->lateSeconds > EverydayNoise::NOTICEABLE_SECONDS ? Severity::Error : Severity::Warning);
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

        return (new Finding(
            FindingId::IntervalTooShortForRig,
            $isWriting ? new Message('checks.interval_too_short_for_rig.write') : new Message('checks.interval_too_short_for_rig.margin'),
            new Message('checks.interval_too_short_for_rig.slack', [
                'minSlackSeconds' => Quantity::seconds($summary->minSlackSeconds),
            ]),
            $isWriting ? new Message('checks.interval_too_short_for_rig.write_sentence', [
                'writeSeconds' => Quantity::seconds($camera->writeSeconds),
                'tightestPhoto' => $summary->tightestPhoto,
                'minSlackSeconds' => Quantity::seconds($summary->minSlackSeconds),
                'latestSeconds' => Quantity::duration($shot->schedule->latestSeconds()),
            ]) : new Message('checks.interval_too_short_for_rig.margin_sentence', [
                'tightestPhoto' => $summary->tightestPhoto,
                'minSlackSeconds' => Quantity::seconds($summary->minSlackSeconds),
                'part' => $shot->plan->rig->axes === []
                    ? new Message('checks.interval_too_short_for_rig.vary_timer')
                    : new Message('checks.interval_too_short_for_rig.vary_motors'),
            ]),
            $summary->tightestPhoto,
            1,
            static fn (): array => Mending::onTime($shot),
        ))->withSeverity(Severity::Warning);
    }

    private static function shortBy(Shot $shot, int $n): float
    {
        return ($shot->schedule->timeline->rigSeconds[$n] ?? 0.0) - $shot->schedule->intervalSeconds[$n];
    }
}
