<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

use Evrent\Core\Light\Marks;

/**
 * Exposure times as PTP counts them: whole ten-thousandths of a second, which do not hold short ones. What stands for a mark of the dial, rounded or cut
 * off, is that mark: 1 is 1/8000 (ISO 15740, clause 13.3.13).
 */
final class ExposureUnits
{
    /** The shutter stays open as long as the trigger line is closed. */
    public const BULB = 0xffffffff;
    private const PER_SECOND = 10_000;

    /** @return float seconds; INF for bulb */
    public static function seconds(int $units): float
    {
        if ($units === self::BULB) {
            return INF;
        }
        $seconds = max(1, $units) / self::PER_SECOND;
        $mark = Marks::shutterNearest($seconds, true);
        $marked = $mark * self::PER_SECOND;

        return (int) floor($marked + 1e-9) === $units || (int) round($marked) === $units ? $mark : $seconds;
    }

    /** As people write it: "1/125 s", "0.5 s", "bulb". */
    public static function words(int $units): string
    {
        $seconds = self::seconds($units);
        $below = $seconds > 0.0 && $seconds < 0.3 ? 1.0 / $seconds : 0.0;

        return match (true) {
            $seconds === INF => 'bulb',
            $below > 0.0 && abs($below - round($below)) < 1e-6 => sprintf('1/%d s', (int) round($below)),
            default => "{$seconds} s",
        };
    }
}
