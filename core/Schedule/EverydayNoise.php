<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Timing\Camera;

/**
 * By how much timers, shutters, cards and motors vary from photo to photo on a day when nothing is wrong with them. The simulated devices
 * vary by no more; a plan whose slack is less than that passes by luck.
 */
final class EverydayNoise
{
    /** A timer fires up to so much after it is due. */
    public const TIMER_SECONDS = 0.004;

    /** Shares by which a shutter's lag, writing to the card, and a move may take longer. */
    public const LAG_SHARE = 0.10;
    public const WRITE_SHARE = 0.05;
    public const MOVE_SHARE = 0.01;

    /** Less lateness than this tells nothing, and nobody sees it. */
    public const NOTICEABLE_SECONDS = 0.02;

    /** A camera on its slowest day; a late trigger counts as lag. */
    public static function slowest(Camera $camera): Camera
    {
        return $camera->with([
            'shutterLagSeconds' => min(Camera::MOST_SECONDS, $camera->shutterLagSeconds * (1.0 + self::LAG_SHARE) + self::TIMER_SECONDS),
            'writeSeconds' => min(Camera::MOST_SECONDS, $camera->writeSeconds * (1.0 + self::WRITE_SHARE)),
        ]);
    }

    /**
     * Moves of a rig on its slowest day.
     *
     * @param list<float> $moveSeconds
     *
     * @return list<float>
     */
    public static function slowestMoves(array $moveSeconds): array
    {
        return array_map(static fn (float $seconds): float => $seconds * (1.0 + self::MOVE_SHARE), $moveSeconds);
    }
}
