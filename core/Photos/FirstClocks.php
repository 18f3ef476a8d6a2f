<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Clocks that may be the camera's, from following the card along the plan: each of the first photos on it, and of those at which another rhythm or
 * another exposure begins, is taken for one of the planned, and the rest are followed from there, with a clock that may drift as clocks do. Most
 * come to nothing after a few photos.
 */
final class FirstClocks
{
    private const FIRST_ON_CARD = 12;
    private const MOST_STARTS = 12_000;

    /** Where a gap is so much longer or shorter than those around it, or exposures differ by so many stops, something else begins. */
    private const OTHER_GAP_SHARE = 0.25;
    private const OTHER_STOPS = 0.5;
    private const MOST_BEGINNINGS = 120;
    private const GAPS_AROUND = 5;
    private const PATIENCE = 24;
    /** What of a photo's being off is the clock's: of one that shows whole seconds little. */
    private const FOLLOWS = 0.1;
    private const FOLLOWS_COARSE = 0.03;
    private const LEFT_OUT = 0.3;
    private const SOMETHING_ELSE_BEFORE = 0.6;
    /** How far, and how many of those that went best are followed on: from each photo on the card, and in all. */
    private const STAGES = [[20, 40, 480], [60, 8, 96], [240, 4, 32], [960, 2, 16], [PHP_INT_MAX, 2, 8]];

    /**
     * @param float $coarse how finely that clock can be read, seconds
     *
     * @return list<Clock> the likeliest first; where several are as likely, those that have the plan's beginning
     */
    public static function of(PlannedPhotos $planned, ShownPhotos $photos, float $tolerance, float $coarse): array
    {
        $shown = $photos->seconds;
        $starts = [];
        $count = $planned->count();
        $firsts = self::beginnings($photos);
        $first = count($firsts);
        // Photos that are all alike tell nothing of where they begin: then a few places do, and the rest is said.
        $places = min($count, max(40, intdiv(self::MOST_STARTS, max(1, $first))));
        for ($j = 0; $j < $places; $j++) {
            foreach ($firsts as $i) {
                $starts[] = [$i, $j];
            }
        }
        $found = [];
        // Each is followed a little way; those that went best a longer one.
        foreach (self::STAGES as [$steps, $each, $kept]) {
            $found = [];
            foreach ($starts as [$i, $j]) {
                [$score, $clock] = self::followed($planned, $photos, $i, $j, $tolerance, $coarse, $steps);
                if ($clock !== null) {
                    $found[] = [$score, $clock, $i, $j];
                }
            }
            // Those that came first have the beginning: sorting is stable, and equal is what rounding cannot tell.
            usort($found, static fn (array $a, array $b): int => round($b[0], 1) <=> round($a[0], 1));
            $found = self::apart($found, $tolerance, $each, $kept);
            $starts = array_map(static fn (array $one): array => [$one[2], $one[3]], $found);
        }

        return array_map(static fn (array $one): Clock => $one[1], $found);
    }

    /**
     * @return list<int> photos at which the plan's may begin, from 0
     */
    private static function beginnings(ShownPhotos $photos): array
    {
        $shown = $photos->seconds;
        $count = count($shown);
        $firsts = range(0, max(0, min(self::FIRST_ON_CARD, $count) - 1));
        $found = [];
        for ($i = self::FIRST_ON_CARD; $i < $count; $i++) {
            $gap = $shown[$i] - $shown[$i - 1];
            $usual = self::usualGap($shown, $i);
            $off = abs($gap - $usual) / max(1e-3, $usual);
            $stops = self::stops($photos->exposures, $i) + self::stops($photos->isos, $i);
            if ($off > self::OTHER_GAP_SHARE || $stops > self::OTHER_STOPS) {
                $found[$i] = max($off, $stops);
            }
        }
        arsort($found);
        $found = array_keys(array_slice($found, 0, self::MOST_BEGINNINGS, true));
        // The last of one rhythm shows the gap of the next.
        $next = array_map(static fn (int $i): int => min($count - 1, $i + 1), $found);
        $all = array_unique([...$firsts, ...$found, ...$next]);
        sort($all);

        return $all;
    }

    /**
     * @param list<float> $shown
     */
    private static function usualGap(array $shown, int $i): float
    {
        $gaps = [];
        for ($n = $i + 1, $end = min(count($shown), $i + 1 + self::GAPS_AROUND); $n < $end; $n++) {
            $gaps[] = $shown[$n] - $shown[$n - 1];
        }
        sort($gaps);

        return $gaps === [] ? $shown[$i] - $shown[$i - 1] : $gaps[intdiv(count($gaps), 2)];
    }

    /**
     * @param list<?float> $values of exposure, by photo
     */
    private static function stops(array $values, int $i): float
    {
        [$before, $is] = [$values[$i - 1] ?? null, $values[$i] ?? null];

        return $before === null || $is === null || $before <= 0.0 || $is <= 0.0 ? 0.0 : abs(log($is / $before, 2));
    }

    /**
     * The first of those that come to the same clock; not too many from one photo, or test shots that happen to fit would leave no others.
     *
     * @param list<array{float, Clock, int, int}> $found
     * @param int $each from each photo on the card, at most
     * @param int $most in all
     *
     * @return list<array{float, Clock, int, int}>
     */
    private static function apart(array $found, float $tolerance, int $each, int $most): array
    {
        $apart = $from = [];
        foreach ($found as $one) {
            foreach ($apart as [, $other]) {
                if (abs($one[1]->atFirst - $other->atFirst) < $tolerance / 2.0) {
                    continue 2;
                }
            }
            if (($from[$one[2]] ?? 0) === $each) {
                continue;
            }
            $from[$one[2]] = ($from[$one[2]] ?? 0) + 1;
            $apart[] = $one;
            if (count($apart) === $most) {
                break;
            }
        }

        return $apart;
    }

    /**
     * @return array{float, ?Clock} how well it went, and the clock that came of it; null where it came to nothing
     */
    private static function followed(PlannedPhotos $planned, ShownPhotos $photos, int $i, int $j, float $tolerance, float $coarse, int $steps): array
    {
        $opens = $planned->openSeconds;
        $shown = $photos->seconds;
        $free = Alignment::FREE * $coarse;
        $reach = $tolerance + $free;
        $last = count($opens) - 1;
        $begin = $offset = $shown[$i] - $opens[$j];
        // A few photos before it would be tests; where another rhythm ends, however many are another's.
        $score = $i < self::FIRST_ON_CARD ? -self::LEFT_OUT * $i : -self::SOMETHING_ELSE_BEFORE;
        $misses = 0;
        $gones = $shows = [];
        $at = $j - 1;
        for ($n = min(count($shown), $steps === PHP_INT_MAX ? count($shown) : $i + $steps); $i < $n; $i++) {
            $gone = $shown[$i] - $offset;
            if ($gone > $opens[$last] + $reach) {
                // What comes after the last of the plan says nothing of it.
                break;
            }
            while ($j < $last && abs($opens[$j + 1] - $gone) < abs($opens[$j] - $gone)) {
                $j++;
            }
            // What a coarse clock shows twice in one second may be the next as well.
            $j += $j === $at && $j < $last && abs($gone - $opens[$j + 1]) <= $reach ? 1 : 0;
            $off = $gone - $opens[$j];
            if (abs($off) > $reach || $j === $at) {
                $misses++;
                $score -= 0.05;
                if ($misses > self::PATIENCE && $misses > 2 * count($gones)) {
                    return [$score, null];
                }
                continue;
            }
            $apart = $photos->stopsApart($planned, $j, $i);
            $score += 1.0 - 0.2 * max(0.0, abs($off) - $free) / $tolerance - min(0.6, $apart);
            $at = $j;
            $gones[] = $opens[$j];
            $shows[] = $shown[$i];
            $room = Clock::MOST_DRIFT * abs($opens[$j] - $gones[0]) + $coarse;
            $offset = max($begin - $room, min($begin + $room, $offset + ($free > self::FOLLOWS ? self::FOLLOWS_COARSE : self::FOLLOWS) * $off));
        }

        // Followed a little way, those that came onto the same track are told by where it led.
        $clock = $gones === [] ? null : ($steps === PHP_INT_MAX ? Clock::through($gones, $shows, $coarse) : new Clock($offset));

        return [$score, $clock];
    }
}
