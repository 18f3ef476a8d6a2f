<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * What a camera's dials and a lens's ring can be set to: thirds of a stop, rounded for reading.
 */
final class Marks
{
    /** Seconds, from the longest. */
    public const SHUTTER = [
        30.0, 25.0, 20.0, 15.0, 13.0, 10.0, 8.0, 6.0, 5.0, 4.0, 3.2, 2.5, 2.0, 1.6, 1.3, 1.0, 0.8, 0.6, 0.5, 0.4, 0.3,
        1 / 4, 1 / 5, 1 / 6, 1 / 8, 1 / 10, 1 / 13, 1 / 15, 1 / 20, 1 / 25, 1 / 30, 1 / 40, 1 / 50, 1 / 60, 1 / 80, 1 / 100, 1 / 125, 1 / 160,
        1 / 200, 1 / 250, 1 / 320, 1 / 400, 1 / 500, 1 / 640, 1 / 800, 1 / 1000, 1 / 1250, 1 / 1600, 1 / 2000, 1 / 2500, 1 / 3200, 1 / 4000,
        1 / 5000, 1 / 6400, 1 / 8000,
    ];

    /** f-numbers, from the widest. */
    public const APERTURES = [
        0.95, 1.0, 1.1, 1.2, 1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1, 8.0, 9.0, 10.0, 11.0, 13.0, 14.0, 16.0,
        18.0, 20.0, 22.0, 25.0, 29.0, 32.0,
    ];

    /** Less than this between a mark and the time behind it matters to nobody. */
    public const SAME_SHARE = 0.02;

    /** Exposures are written down in five digits. */
    private const ROUNDED_SHARE = 1e-4;

    /** The longest mark that is open for no longer; null where none is so short. */
    public static function shutterAtMost(float $seconds, bool $literal): ?float
    {
        foreach (self::SHUTTER as $mark) {
            if (self::open($mark, $literal) <= $seconds * (1.0 + 1e-9)) {
                return $mark;
            }
        }

        return null;
    }

    /**
     * How far the nearest mark is from what is planned, at the most.
     *
     * @param list<float> $exposures seconds
     *
     * @return float stops
     */
    public static function mostOff(array $exposures, bool $literal): float
    {
        $most = 0.0;
        foreach ($exposures as $seconds) {
            $most = max($most, abs(log(self::open(self::shutterNearest($seconds, $literal), $literal) / $seconds, 2)));
        }

        return $most;
    }

    /** The mark nearest in stops. */
    public static function shutterNearest(float $seconds, bool $literal): float
    {
        $nearest = self::SHUTTER[0];
        foreach (self::SHUTTER as $mark) {
            $nearest = abs(log(self::open($mark, $literal) / $seconds)) < abs(log(self::open($nearest, $literal) / $seconds)) ? $mark : $nearest;
        }

        return $nearest;
    }

    /**
     * How long a shutter set to a mark is open: what it says, but where the third of a stop behind it is another time (15 is 16 s, 30 is
     * 32 s) and the body does not mean its marks.
     *
     * @param bool $literal whether the body means its marks
     */
    public static function open(float $mark, bool $literal): float
    {
        $true = Exposure::trueSeconds($mark);

        return $literal || $mark < 1.0 || abs($true / $mark - 1.0) < self::SAME_SHARE ? $mark : round($true, 2);
    }

    /** Whether a shutter can be set to it, by the mark or by the time behind it. */
    public static function hasShutter(float $seconds): bool
    {
        foreach (self::SHUTTER as $mark) {
            foreach ([$mark, self::open($mark, false), Exposure::trueSeconds($mark)] as $set) {
                if (abs($set / $seconds - 1.0) < self::ROUNDED_SHARE) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The widest f-number no wider than one that is wanted and than the lens: null where the ring has none. */
    public static function apertureFrom(float $fNumber): ?float
    {
        foreach (self::APERTURES as $mark) {
            if ($mark >= $fNumber - 1e-9) {
                return $mark;
            }
        }

        return null;
    }
}
