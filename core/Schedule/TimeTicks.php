<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

/**
 * Round times at which to mark a time axis.
 */
final class TimeTicks
{
    /** Seconds, minutes, hours and days as a clock divides them. */
    private const STEPS = [
        0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800,
        3600, 7200, 10_800, 21_600, 43_200, 86_400, 172_800, 432_000, 864_000, 2_592_000, 8_640_000,
    ];

    /**
     * @return list<float> from 0 up to the span: as many as fit, at most this many and one
     */
    public static function within(float $spanSeconds, int $most): array
    {
        // Longer than all of these: whole days.
        $step = ceil($spanSeconds / $most / 86_400) * 86_400;
        foreach (self::STEPS as $candidate) {
            if ($spanSeconds / $candidate <= $most) {
                $step = $candidate;
                break;
            }
        }
        $ticks = [];
        for ($i = 0; $i * $step <= $spanSeconds; $i++) {
            $ticks[] = round($i * $step, 1);
        }

        return $ticks;
    }
}
