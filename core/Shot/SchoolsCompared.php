<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

/**
 * The schools side by side for one shot: what each comes to, and its exposure, ISO and brightness error as lines.
 */
final class SchoolsCompared
{
    /** Shapes are this wide and high; errors run from two stops over at the top to two under. */
    public const WIDTH = 300;
    public const HEIGHT = 60;
    public const ERROR_STOPS = 3.0;

    private const MOST_POINTS = 150;
    private const EMPTY_STOPS = 0.5;

    /**
     * @return list<array{
     *     school: School, shortest: float, longest: float, lowestIso: float, highestIso: float, widest: float, narrowest: float, worst: float, out: int,
     *     late: int,
     *     lines: array{exposure: string, iso: string, error: string}, band: array{float, float},
     * }> `band` is where the brightness is good enough: top and height; empty where the light of the shot is not known
     */
    public static function of(Shot $shot): array
    {
        $most = $shot->plan->thresholds->lightStops;
        $ramps = array_filter(array_map(static fn (School $school): ?Ramp => $shot->ramp($school), School::cases()));
        if ($ramps === []) {
            return [];
        }
        // One scale for all, so that they can be compared by eye.
        $exposures = self::range(array_map(static fn (Ramp $ramp): array => self::stops($ramp->exposures), $ramps));
        $isos = self::range(array_map(static fn (Ramp $ramp): array => self::stops($ramp->isos), $ramps));

        return array_values(array_map(static fn (Ramp $ramp): array => [
            'school' => $ramp->school,
            'shortest' => min($ramp->exposures),
            'longest' => max($ramp->exposures),
            'lowestIso' => min($ramp->isos),
            'highestIso' => max($ramp->isos),
            'widest' => min($ramp->apertures),
            'narrowest' => max($ramp->apertures),
            'worst' => $ramp->worstError(),
            'out' => count(array_filter($ramp->errors, static fn (float $error): bool => abs($error) > $most)),
            'late' => count($ramp->late),
            'lines' => [
                'exposure' => self::line(self::stops($ramp->exposures), ...$exposures),
                'iso' => self::line(self::stops($ramp->isos), ...$isos),
                'error' => self::line($ramp->errors, -self::ERROR_STOPS, self::ERROR_STOPS),
            ],
            'band' => self::band($most),
        ], $ramps));
    }

    /**
     * @return array{float, float}
     */
    private static function band(float $stops): array
    {
        $half = self::HEIGHT / 2.0 * min(1.0, $stops / self::ERROR_STOPS);

        return [self::HEIGHT / 2.0 - $half, 2.0 * $half];
    }

    /**
     * @param list<float> $values
     *
     * @return list<float>
     */
    private static function stops(array $values): array
    {
        return array_map(static fn (float $value): float => log($value, 2), $values);
    }

    /**
     * @param array<int, list<float>> $columns
     *
     * @return array{float, float}
     */
    private static function range(array $columns): array
    {
        $all = array_merge(...array_values($columns));
        [$low, $high] = [min([INF, ...$all]), max([-INF, ...$all])];

        return $high - $low < self::EMPTY_STOPS ? [$low - self::EMPTY_STOPS, $high + self::EMPTY_STOPS] : [$low, $high];
    }

    /**
     * @param list<float> $values
     */
    private static function line(array $values, float $low, float $high): string
    {
        $last = count($values) - 1;
        $every = (int) max(1, ceil(($last + 1) / self::MOST_POINTS));
        $path = '';
        for ($n = 0; $n <= $last; $n = $n === $last ? $last + 1 : min($last, $n + $every)) {
            $value = max($low, min($high, $values[$n]));
            $path .= sprintf('%s%.1f %.1f', $n === 0 ? 'M' : 'L', self::WIDTH * $n / max(1, $last), self::HEIGHT * (1.0 - ($value - $low) / ($high - $low)));
        }

        return $path;
    }
}
