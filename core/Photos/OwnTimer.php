<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Words\PlainText;

/**
 * A camera on its own timer, as its photos show it: the plan is worked out once more with the drift that they have, and photos that would
 * have been open while the rig moved are told. Both times are the camera's: one whose clock goes wrong itself cannot be told from one whose
 * timer does.
 */
final class OwnTimer
{
    /** Less than this over the whole run is nothing. */
    private const LEAST_SECONDS = 0.1;
    private const LEAST_COARSE_SECONDS = 1.0;

    /**
     * @return ?array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}
     */
    public static function finding(Shot $shot, Matching $matching): ?array
    {
        $trigger = $shot->plan->trigger;
        $drift = $matching->clock->drift ?? 0.0;
        $strays = $drift * $shot->schedule->summary->runSeconds;
        $isExact = $matching->order->areExact();
        if (!$trigger->isCamera() || $trigger->cameraIntervalSeconds !== null || abs($strays) < ($isExact ? self::LEAST_SECONDS : self::LEAST_COARSE_SECONDS)) {
            return null;
        }
        $as = $trigger->with(['cameraIntervalSeconds' => null, 'driftPpm' => $drift * 1e6]);
        $spoilt = array_values(array_filter(
            CameraTimer::of($shot->schedule->under($shot->plan->withTrigger($as)))->spoiltPhotos ?? [],
            static fn (int $number): bool => $matching->photo($number) !== null,
        ));
        if ($spoilt === []) {
            return null;
        }

        return Differences::told('own_timer', $spoilt, sprintf(
            'The camera’s own timer went %s by %s over the run: %s opened while the rig moved: %s.',
            $strays > 0.0 ? 'slow' : 'fast',
            PlainText::seconds(abs($strays)),
            PlainText::photos(count($spoilt)),
            Differences::spans($spoilt),
        ), FindingId::CameraTimerDrifts, 'Look at them large: what is smeared is left out. Next time let the rig fire the camera, or enter this drift in '
            . 'the plan.');
    }
}
