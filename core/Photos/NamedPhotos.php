<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * The photos that the log of a take names, found on the card. A name comes again after the card was formatted, and after 9999: of several of one name
 * the photo is meant whose time agrees with those of all others, and with the camera's clock as the log has it. In the order in which they were taken:
 * where the log gave two photos each other's names, one of the two is left to be found by its time.
 */
final readonly class NamedPhotos
{
    /** A name comes again after minutes at the soonest. */
    private const AT_LEAST_APART_SECONDS = 30.0;

    /** A camera tells its wall time and not its zone: zones differ by quarters of an hour. */
    private const QUARTER_HOUR = 900.0;

    /**
     * @return array<int, int> places on the card by planned places, both from 0 and rising
     */
    public static function on(PlannedPhotos $planned, PhotoList $photos): array
    {
        $byName = array_fill_keys(array_map(self::name(...), $planned->files), []);
        $shown = [];
        foreach ($byName === [] ? [] : $photos as $i => $photo) {
            $name = self::name($photo->file);
            if (isset($byName[$name]) && $photo->unixSeconds !== null) {
                $byName[$name][] = $i;
                $shown[$i] = $photo->unixSeconds;
            }
        }
        $ahead = [];
        foreach ($planned->files as $j => $file) {
            foreach ($byName[self::name($file)] as $i) {
                $ahead[] = [$shown[$i] - $planned->openSeconds[$j], $j, $i];
            }
        }
        $near = max(self::AT_LEAST_APART_SECONDS, $planned->looseSeconds) + Clock::MOST_DRIFT * ($planned->openSeconds[$planned->count() - 1] ?? 0.0);
        $agree = self::mostTogether(self::asTheClockHadIt($planned, $ahead, $near), 2.0 * $near);

        return self::rising(self::oneEach($agree));
    }

    /** By its folder a photo is known as little as by its ending: folders are copied, and a raw file has its JPEG. */
    private static function name(string $file): string
    {
        return strtolower((string) preg_replace('/\.[^.]*$/', '', basename($file)));
    }

    /**
     * @param list<array{float, int, int}> $ahead seconds by which the camera's clock would have been ahead of the first trigger, planned place, place on
     *                                            the card
     *
     * @return list<array{float, int, int}>
     */
    private static function asTheClockHadIt(PlannedPhotos $planned, array $ahead, float $near): array
    {
        if ($planned->clockAheadSeconds === null || $planned->firstUnixSeconds === null) {
            return $ahead;
        }
        $looked = $planned->clockAheadSeconds + $planned->firstUnixSeconds;

        return array_values(array_filter($ahead, static function (array $one) use ($looked, $near): bool {
            $off = $one[0] - $looked;

            return abs($off - self::QUARTER_HOUR * round($off / self::QUARTER_HOUR)) <= $near;
        }));
    }

    /**
     * @param list<array{float, int, int}> $ahead
     *
     * @return list<array{float, int, int}> the most that lie within so many seconds
     */
    private static function mostTogether(array $ahead, float $within): array
    {
        usort($ahead, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $from = $bestFrom = $most = 0;
        foreach ($ahead as $to => [$seconds]) {
            while ($seconds - $ahead[$from][0] > $within) {
                $from++;
            }
            if ($to - $from + 1 > $most) {
                [$bestFrom, $most] = [$from, $to - $from + 1];
            }
        }

        return array_slice($ahead, $bestFrom, $most);
    }

    /**
     * @param list<array{float, int, int}> $ahead by seconds
     *
     * @return array<int, int> for each planned place the photo nearest to the middle of all, by place
     */
    private static function oneEach(array $ahead): array
    {
        $middle = $ahead[intdiv(count($ahead), 2)][0] ?? 0.0;
        $pairs = $off = [];
        foreach ($ahead as [$seconds, $j, $i]) {
            if (abs($seconds - $middle) < ($off[$j] ?? INF)) {
                [$off[$j], $pairs[$j]] = [abs($seconds - $middle), $i];
            }
        }
        ksort($pairs);

        return $pairs;
    }

    /**
     * @param array<int, int> $pairs places on the card, by planned places that rise
     *
     * @return array<int, int> the most of them that rise (longest increasing subsequence, by patience)
     */
    private static function rising(array $pairs): array
    {
        $ends = $before = [];
        foreach ($pairs as $j => $i) {
            $low = 0;
            for ($high = count($ends); $low < $high;) {
                $half = intdiv($low + $high, 2);
                [$low, $high] = $pairs[$ends[$half]] < $i ? [$half + 1, $high] : [$low, $half];
            }
            $before[$j] = $low > 0 ? $ends[$low - 1] : null;
            $ends[$low] = $j;
        }
        $rising = [];
        for ($j = $ends === [] ? null : $ends[count($ends) - 1]; $j !== null; $j = $before[$j]) {
            $rising[$j] = $pairs[$j];
        }

        return array_reverse($rising, true);
    }
}
