<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Light\Flicker;

/**
 * By how much each photo has to be made brighter to come level with those around it: the steps of a ramp become an even way, and what is no trend
 * goes.
 *
 * The trend is the one that flicker is measured against, the middle one of fifteen photos, made even over as many: a middle one jumps too.
 */
final class Levels
{
    private const WINDOW = 15;
    private const ROUNDING = 1e-9;

    /**
     * @param array<int, float> $brightness of photos in stops, by number, rising
     * @param array<int, float> $exposures  likewise, as they were set; of photos that are not in it nothing is known
     *
     * @return array<int, float> stops by number; empty where nothing is seen to flicker and no exposure was stepped
     */
    public static function offsets(array $brightness, array $exposures = []): array
    {
        $ramp = self::ramp(array_intersect_key($exposures, $brightness));
        $level = [];
        foreach ($brightness as $number => $stops) {
            $level[$number] = $stops + ($ramp[$number] ?? 0.0);
        }
        $flicker = Flicker::of($level);
        $isSeen = $flicker !== null && ($flicker->stops > Flicker::SEEN_STOPS || $flicker->jumps !== []);
        if (!$isSeen) {
            return array_filter($ramp, static fn (float $stops): bool => abs($stops) > self::ROUNDING) === [] ? [] : $ramp;
        }
        $offsets = [];
        $trend = self::evened(self::middles(array_values($level)));
        foreach (array_keys($level) as $place => $number) {
            $offsets[$number] = $trend[$place] - $brightness[$number];
        }

        return $offsets;
    }

    /**
     * What turns the steps of an exposure into an even way: in a line from halfway between two steps to halfway between the next two, and on in
     * that line to the first photo and the last.
     *
     * @param array<int, float> $exposures stops, by number, rising
     *
     * @return array<int, float> stops, by number
     */
    private static function ramp(array $exposures): array
    {
        $steps = [];
        foreach ($exposures as $number => $stops) {
            $last = array_key_last($steps);
            if ($last !== null && abs($steps[$last]['stops'] - $stops) < self::ROUNDING) {
                $steps[$last]['to'] = $number;
            } else {
                $steps[] = ['from' => $number, 'to' => $number, 'stops' => $stops];
            }
        }
        $places = self::places($steps);
        if (count($places) < 2) {
            return array_fill_keys(array_keys($exposures), 0.0);
        }
        $offsets = [];
        $before = 0;
        foreach ($exposures as $number => $stops) {
            while ($before < count($places) - 2 && $places[$before + 1][0] <= $number) {
                $before++;
            }
            [[$from, $low], [$to, $high]] = [$places[$before], $places[$before + 1]];
            $offsets[$number] = $low + ($high - $low) * ($number - $from) / ($to - $from) - $stops;
        }

        return $offsets;
    }

    /**
     * Where the line goes through. How long the first step and the last were is not known: the shot begins and ends within them.
     *
     * @param list<array{from: int, to: int, stops: float}> $steps
     *
     * @return list<array{float, float}> place among the photos, and stops
     */
    private static function places(array $steps): array
    {
        if (count($steps) < 3) {
            return array_map(static fn (array $step): array => [($step['from'] + $step['to']) / 2.0, $step['stops']], $steps);
        }
        $places = [];
        foreach (array_slice($steps, 1) as $n => $step) {
            $places[] = [($steps[$n]['to'] + $step['from']) / 2.0, ($steps[$n]['stops'] + $step['stops']) / 2.0];
        }

        return $places;
    }

    /**
     * The middle one of fifteen around each. Before the first and after the last the values go on as the first thirty and the last do, by the line
     * through the middle of their slopes (Theil and Sen).
     *
     * @param list<float> $values
     *
     * @return list<float> seven more at either end than there are values
     */
    private static function middles(array $values): array
    {
        $half = intdiv(self::WINDOW, 2);
        $whole = [
            ...array_reverse(self::continued(array_reverse(array_slice($values, 0, 2 * self::WINDOW)), 2 * $half)),
            ...$values,
            ...self::continued(array_slice($values, -2 * self::WINDOW), 2 * $half),
        ];
        $middles = [];
        for ($n = 0; $n < count($values) + 2 * $half; $n++) {
            $around = array_slice($whole, $n, self::WINDOW);
            sort($around);
            $middles[] = $around[$half];
        }

        return $middles;
    }

    /**
     * @param list<float> $values
     *
     * @return list<float> so many that come after them
     */
    private static function continued(array $values, int $more): array
    {
        $slopes = [];
        foreach ($values as $n => $value) {
            for ($m = 0; $m < $n; $m++) {
                $slopes[] = ($value - $values[$m]) / ($n - $m);
            }
        }
        $slope = self::middle($slopes);
        $starts = [];
        foreach ($values as $n => $value) {
            $starts[] = $value - $slope * $n;
        }
        $start = self::middle($starts);

        return array_map(static fn (int $n): float => $start + $slope * $n, range(count($values), count($values) + $more - 1));
    }

    /**
     * @param list<float> $values
     */
    private static function middle(array $values): float
    {
        sort($values);

        return $values === [] ? 0.0 : $values[intdiv(count($values), 2)];
    }

    /**
     * The mean of fifteen around each.
     *
     * @param list<float> $values seven more at either end than come back
     *
     * @return list<float>
     */
    private static function evened(array $values): array
    {
        $evened = [];
        for ($n = 0; $n <= count($values) - self::WINDOW; $n++) {
            $evened[] = array_sum(array_slice($values, $n, self::WINDOW)) / self::WINDOW;
        }

        return $evened;
    }
}
