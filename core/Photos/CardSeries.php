<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * A run of photos on a card that belong together: one body, one rhythm, exposures that change as those of a series do.
 */
final readonly class CardSeries
{
    /** A gap this many times as long as those before it, and this long at least, is where another series begins. */
    private const LONGER = 3.0;
    private const LEAST_GAP_SECONDS = 20.0;

    /** So many gaps in a row that differ by this share, and it is another rhythm. */
    private const OTHER_RHYTHM = 3;
    private const OTHER_SHARE = 0.3;
    private const OTHER_SECONDS = 1.5;

    /** From one photo to the next nobody's ramp goes so far. */
    private const OTHER_STOPS = 2.5;
    private const GAPS_AROUND = 5;

    /** Fewer photos are snapshots, and no series. */
    private const LEAST_PHOTOS = 3;

    /**
     * @param int     $first    place of the first in the card's true order, from 0
     * @param int     $count    photos
     * @param float   $interval seconds, the middle one
     * @param float   $from     when the first was taken, on the camera's clock
     * @param float   $to       when the last was
     * @param ?string $body     serial number
     */
    private function __construct(public int $first, public int $count, public float $interval, public float $from, public float $to, public ?string $body)
    {
    }

    /**
     * @param PhotoList $order in their true order
     *
     * @return list<self> in their order; photos without a time are in none
     */
    public static function of(PhotoList $order): array
    {
        $byBody = [];
        foreach ($order as $place => $photo) {
            if ($photo->unixSeconds !== null) {
                $byBody[$photo->body ?? ''][] = [$place, $photo->unixSeconds, $photo->exposureSeconds, $photo->iso, $photo->aperture];
            }
        }
        $found = [];
        foreach ($byBody as $body => $photos) {
            foreach (self::apart($photos) as [$from, $to]) {
                if ($to - $from + 1 >= self::LEAST_PHOTOS) {
                    $found[] = new self(
                        $photos[$from][0],
                        $to - $from + 1,
                        self::middle(self::gaps($photos, $from, $to)),
                        $photos[$from][1],
                        $photos[$to][1],
                        $body === '' ? null : "{$body}",
                    );
                }
            }
        }
        usort($found, static fn (self $a, self $b): int => $a->from <=> $b->from);

        return $found;
    }

    /** @return array{first: int, count: int, interval_s: float, from_unix_s: float, to_unix_s: float, body: ?string} for JSON */
    public function toArray(): array
    {
        return [
            'first' => $this->first, 'count' => $this->count, 'interval_s' => round($this->interval, 2), 'from_unix_s' => round($this->from, 3),
            'to_unix_s' => round($this->to, 3), 'body' => $this->body,
        ];
    }

    /**
     * @param list<array{int, float, ?float, ?float, ?float}> $photos place, time, exposure, ISO, f-number
     *
     * @return list<array{int, int}> first and last of each, by index
     */
    private static function apart(array $photos): array
    {
        $series = [];
        $from = 0;
        for ($n = 1; $n < count($photos); $n++) {
            if (self::beginsAt($photos, $from, $n)) {
                $series[] = [$from, $n - 1];
                $from = $n;
            }
        }

        return [...$series, [$from, count($photos) - 1]];
    }

    /**
     * @param list<array{int, float, ?float, ?float, ?float}> $photos
     */
    private static function beginsAt(array $photos, int $from, int $n): bool
    {
        $stops = self::stopsApart($photos[$n - 1], $photos[$n]);
        if ($stops !== null && $stops > self::OTHER_STOPS) {
            return true;
        }
        if ($n - $from < 2) {
            // Of two photos nobody knows the rhythm yet: what follows tells whether the first is a test before it.
            $next = isset($photos[$n + 2]) ? self::middle(self::gaps($photos, $n, min($n + self::GAPS_AROUND, count($photos) - 1))) : null;

            return $next !== null && self::isLonger($photos[$n][1] - $photos[$n - 1][1], $next);
        }
        $before = self::middle(self::gaps($photos, max($from, $n - 1 - self::GAPS_AROUND), $n - 1));
        if (self::isLonger($photos[$n][1] - $photos[$n - 1][1], $before)) {
            return true;
        }
        // Another rhythm from here on: each of the next gaps is another than those before it.
        for ($k = 0; $k < self::OTHER_RHYTHM; $k++) {
            $gap = ($photos[$n + $k + 1][1] ?? INF) - ($photos[$n + $k][1] ?? INF);
            if (!is_finite($gap) || abs($gap - $before) <= max(self::OTHER_SECONDS, self::OTHER_SHARE * $before)) {
                return false;
            }
        }

        return abs($photos[$n][1] - $photos[$n - 1][1] - $before) > max(self::OTHER_SECONDS, self::OTHER_SHARE * $before);
    }

    private static function isLonger(float $gap, float $usual): bool
    {
        return $gap > max(self::LEAST_GAP_SECONDS, self::LONGER * $usual);
    }

    /**
     * @param array{int, float, ?float, ?float, ?float} $one
     * @param array{int, float, ?float, ?float, ?float} $other
     *
     * @return ?float null where it is not known
     */
    private static function stopsApart(array $one, array $other): ?float
    {
        if ($one[2] === null || $other[2] === null || $one[2] <= 0.0 || $other[2] <= 0.0) {
            return null;
        }
        $ratio = static fn (?float $of, ?float $to): float => ($of ?? 0.0) > 0.0 && ($to ?? 0.0) > 0.0 ? $of / $to : 1.0;

        return abs(log($other[2] / $one[2] * $ratio($other[3], $one[3]) * $ratio($one[4], $other[4]) ** 2, 2));
    }

    /**
     * @param list<array{int, float, ?float, ?float, ?float}> $photos
     *
     * @return list<float>
     */
    private static function gaps(array $photos, int $from, int $to): array
    {
        $gaps = [];
        for ($n = $from + 1; $n <= $to; $n++) {
            $gaps[] = $photos[$n][1] - $photos[$n - 1][1];
        }

        return $gaps;
    }

    /** @param list<float> $gaps */
    private static function middle(array $gaps): float
    {
        sort($gaps);

        return $gaps[intdiv(count($gaps), 2)] ?? 0.0;
    }
}
