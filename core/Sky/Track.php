<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * The way of a target across the sky as seen from one place: sampled at nodes, and interpolated between them by cubics.
 */
final readonly class Track
{
    private const NODE_SECONDS = 180.0;

    /** Nearer to the zenith or the nadir the azimuth swings too fast to be read between nodes. */
    private const STEEP_DEGREES = 70.0;

    /**
     * @param list<float> $azimuths  degrees from true north clockwise, without a jump at north; the first in 0…360
     * @param list<float> $altitudes degrees above the horizon, airless
     */
    private function __construct(public array $azimuths, public array $altitudes)
    {
    }

    /**
     * @param non-empty-list<float> $unixSeconds rising
     */
    public static function of(Sky $sky, Target $target, array $unixSeconds): self
    {
        $first = $unixSeconds[0];
        $nodes = (int) ceil(($unixSeconds[count($unixSeconds) - 1] - $first) / self::NODE_SECONDS) + 3;
        if ($nodes > count($unixSeconds) / 2) {
            return self::sampled($sky, $target, $unixSeconds);
        }
        // One node before the first moment and two after the last: a cubic takes four, two on each side.
        $track = self::sampled($sky, $target, array_map(static fn (int $k): float => $first + ($k - 1) * self::NODE_SECONDS, range(0, $nodes)));
        if (max([0.0, ...array_map(abs(...), $track->altitudes)]) > self::STEEP_DEGREES) {
            return self::sampled($sky, $target, $unixSeconds);
        }
        $azimuths = $altitudes = [];
        foreach ($unixSeconds as $seconds) {
            $at = ($seconds - $first) / self::NODE_SECONDS;
            $k = (int) $at;
            $x = $at - $k;
            $azimuths[] = self::interpolate($track->azimuths, $k, $x);
            $altitudes[] = self::interpolate($track->altitudes, $k, $x);
        }
        $turn = Angles::turn($azimuths[0]) - $azimuths[0];

        return new self($turn === 0.0 ? $azimuths : array_map(static fn (float $azimuth): float => $azimuth + $turn, $azimuths), $altitudes);
    }

    /**
     * @param list<float> $unixSeconds
     */
    private static function sampled(Sky $sky, Target $target, array $unixSeconds): self
    {
        $azimuths = $altitudes = [];
        foreach ($unixSeconds as $k => $seconds) {
            $place = $sky->of($target, new Instant($seconds));
            $azimuths[] = $k === 0 ? $place->azimuth : $azimuths[$k - 1] + Angles::half($place->azimuth - $azimuths[$k - 1]);
            $altitudes[] = $place->altitude;
        }

        return new self($azimuths, $altitudes);
    }

    /**
     * Lagrange's cubic through four nodes, written as Newton's differences.
     *
     * @param list<float> $nodes
     * @param int         $k     of the first of the four
     * @param float       $x     0…1, from the second to the third
     */
    private static function interpolate(array $nodes, int $k, float $x): float
    {
        [$a, $b, $c, $d] = [$nodes[$k], $nodes[$k + 1], $nodes[$k + 2], $nodes[$k + 3]];
        $second = $a - 2.0 * $b + $c;

        return $b + $x * ($c - $b) + $x * ($x - 1.0) / 2.0 * ($second + ($x + 1.0) / 3.0 * ($d - 3.0 * $c + 3.0 * $b - $a));
    }
}
