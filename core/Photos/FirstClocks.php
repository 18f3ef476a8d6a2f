<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Clocks that may be the camera's, from following the card along the plan: each of the first photos on it is taken for one of the planned,
 * and the rest are followed from there, with a clock that may drift as clocks do. Most come to nothing after a few photos.
 */
final class FirstClocks
{
    private const FIRST_ON_CARD = 12;
    private const MOST_STARTS = 6_000;
    private const PATIENCE = 24;
    private const FOLLOWS = 0.1;
    private const KEPT = 6;

    /**
     * @param list<float>     $shown     seconds that the card's clock showed, rising
     * @param list<CardPhoto> $photos    the same
     * @param float           $coarse    how finely that clock can be read, seconds
     *
     * @return list<Clock> the likeliest first; where several are as likely, those that have the plan's beginning
     */
    public static function of(PlannedPhotos $planned, array $shown, array $photos, float $tolerance, float $coarse): array
    {
        $found = [];
        $count = $planned->count();
        $first = min(self::FIRST_ON_CARD, count($shown));
        // Photos that are all alike tell nothing of where they begin: then a few places do, and the rest is said.
        $places = min($count, max(40, intdiv(self::MOST_STARTS, max(1, $first))));
        for ($j = 0; $j < $places; $j++) {
            for ($i = 0; $i < $first; $i++) {
                [$score, $clock] = self::followed($planned, $shown, $photos, $i, $j, $tolerance, $coarse);
                if ($clock !== null) {
                    $found[] = [$score, $clock];
                }
            }
        }
        // Those that came first have the beginning: sorting is stable, and equal is what rounding cannot tell.
        usort($found, static fn (array $a, array $b): int => round($b[0], 1) <=> round($a[0], 1));
        $clocks = [];
        foreach ($found as [, $clock]) {
            foreach ($clocks as $other) {
                if (abs($clock->atFirst - $other->atFirst) < $tolerance / 2.0) {
                    continue 2;
                }
            }
            $clocks[] = $clock;
            if (count($clocks) === self::KEPT) {
                break;
            }
        }

        return $clocks;
    }

    /**
     * @param list<float>     $shown
     * @param list<CardPhoto> $photos
     *
     * @return array{float, ?Clock} how well it went, and the clock that came of it; null where it came to nothing
     */
    private static function followed(PlannedPhotos $planned, array $shown, array $photos, int $i, int $j, float $tolerance, float $coarse): array
    {
        $opens = $planned->openSeconds;
        $last = count($opens) - 1;
        $begin = $offset = $shown[$i] - $opens[$j];
        $score = 0.0;
        $misses = 0;
        $pairs = [];
        $at = $j - 1;
        for ($n = count($shown); $i < $n; $i++) {
            $gone = $shown[$i] - $offset;
            while ($j < $last && abs($opens[$j + 1] - $gone) < abs($opens[$j] - $gone)) {
                $j++;
            }
            $off = $gone - $opens[$j];
            if (abs($off) > $tolerance || $j === $at) {
                $misses++;
                $score -= 0.05;
                if ($misses > self::PATIENCE && $misses > 2 * count($pairs)) {
                    return [$score, null];
                }
                continue;
            }
            $apart = $planned->exposuresTell ? $planned->stopsApart($j, $photos[$i]) : 0.0;
            $score += 1.0 - 0.2 * abs($off) / $tolerance - min(0.6, $apart);
            $at = $j;
            $pairs[] = [$opens[$j], $shown[$i]];
            $room = Clock::MOST_DRIFT * abs($opens[$j] - $pairs[0][0]) + $coarse;
            $offset = max($begin - $room, min($begin + $room, $offset + self::FOLLOWS * $off));
        }

        return [$score, Clock::through($pairs, $coarse)];
    }
}
