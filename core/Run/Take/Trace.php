<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * Where a rig really stood while a take ran, as its log tells.
 */
final class Trace
{
    /**
     * @param iterable<LogLine> $lines
     * @param int               $most  points of each axis; of more, every so manieth is left
     *
     * @return array<string, list<array{seconds: float, place: float, position: float}>> by axis id: seconds from the first photo's due time; the photo, with
     *                                                                                   a fraction while it creeps from one to the next; mm or degrees
     */
    public static function of(iterable $lines, int $most = PHP_INT_MAX): array
    {
        $trace = [];
        $start = null;
        foreach ($lines as $line) {
            $start ??= $line->kind === LogKind::Started ? $line->number('due') ?? $line->seconds : null;
            $at = $line->more['at'] ?? null;
            foreach (is_array($at) ? $at : [] as $axisId => $position) {
                if (is_int($position) || is_float($position)) {
                    $trace[(string) $axisId][] = [
                        'seconds' => $line->seconds, 'place' => $line->number('place') ?? (float) $line->photo, 'position' => (float) $position,
                    ];
                }
            }
        }

        return array_map(static fn (array $points): array => self::thinned($points, $start, $most), $trace);
    }

    /**
     * @param non-empty-list<array{seconds: float, place: float, position: float}> $points
     *
     * @return list<array{seconds: float, place: float, position: float}>
     */
    private static function thinned(array $points, ?float $start, int $most): array
    {
        $every = (int) max(1, ceil(count($points) / $most));
        $last = count($points) - 1;
        $left = [];
        foreach ($points as $n => $point) {
            if ($n % $every === 0 || $n === $last) {
                // Before the start it stood there and waited.
                $left[] = [...$point, 'seconds' => max(0.0, $point['seconds'] - ($start ?? $point['seconds']))];
            }
        }

        return $left;
    }
}
