<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Trigger;

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
     * @return array<string, Finding>
     */
    public static function finding(Shot $shot, Matching $matching): array
    {
        $trigger = $shot->plan->trigger;
        $drift = $matching->clock->drift ?? 0.0;
        $strays = $drift * $shot->schedule->summary->runSeconds;
        $isExact = $matching->order->areExact();
        if (!$trigger->isCamera() || $trigger->cameraIntervalSeconds !== null || abs($strays) < ($isExact ? self::LEAST_SECONDS : self::LEAST_COARSE_SECONDS)) {
            return [];
        }
        $as = $trigger->with(['cameraIntervalSeconds' => null, 'driftPpm' => $drift * 1e6]);
        $spoilt = array_values(array_filter(
            CameraTimer::of($shot->schedule->under($shot->plan->withTrigger($as)))->spoiltPhotos ?? [],
            static fn (int $number): bool => $matching->photo($number) !== null,
        ));
        if ($spoilt === []) {
            return [];
        }

        return CardFinding::of(
            'own_timer',
            FindingId::CameraTimerDrifts,
            $spoilt,
            ['seconds' => Quantity::seconds(abs($strays))],
            $strays > 0.0 ? 'timer_slow' : 'timer_fast',
        );
    }
}
