<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * The fewest keys that come near enough to an exposure for each photo: a line is split at the photo farthest from it for as long as
 * that is too far (Douglas and Peucker, 1973), in stops.
 */
final class ExposureKeys
{
    /** Nobody sees a fiftieth of a stop, from photo to photo least of all. */
    public const NEAR_STOPS = 0.02;

    private const DIGITS = 5;

    /**
     * @param non-empty-list<float> $exposures seconds by photo
     *
     * @throws \Evrent\Core\Values\InvalidInput when more keys would be needed than a plan can have
     */
    public static function through(array $exposures): KeyedSeconds
    {
        $stops = array_map(static fn (float $seconds): float => log($seconds, 2), $exposures);
        $last = count($stops) - 1;
        $kept = [0 => true, $last => true];
        $spans = [[0, $last]];
        while ($spans !== []) {
            [$from, $to] = array_pop($spans);
            [$farthest, $off] = self::farthest($stops, $from, $to);
            // Half of what is allowed: the rest is for the rounding of what is written down.
            if ($off > self::NEAR_STOPS * 0.9) {
                $kept[$farthest] = true;
                array_push($spans, [$from, $farthest], [$farthest, $to]);
            }
        }
        ksort($kept);
        $keys = [];
        foreach (array_keys($kept) as $n) {
            $keys[] = ['at' => $n === $last ? 1.0 : round($n / max(1, $last), 9), 'seconds' => self::rounded($exposures[$n])];
        }
        $first = $keys[0];
        if ($last === 0 || array_unique(array_column($keys, 'seconds')) === [$first['seconds']]) {
            return KeyedSeconds::constant($first['seconds'], Between::Stops, new Message('what.exposure'));
        }

        return new KeyedSeconds($keys, Between::Stops, new Message('what.exposure'));
    }

    /**
     * @param list<float> $stops
     *
     * @return array{int, float} the photo, and how far its line is from it
     */
    private static function farthest(array $stops, int $from, int $to): array
    {
        $farthest = $from;
        $most = 0.0;
        for ($n = $from + 1; $n < $to; $n++) {
            $line = $stops[$from] + ($stops[$to] - $stops[$from]) * ($n - $from) / ($to - $from);
            $off = abs($stops[$n] - $line);
            if ($off > $most) {
                [$farthest, $most] = [$n, $off];
            }
        }

        return [$farthest, $most];
    }

    private static function rounded(float $seconds): float
    {
        return round($seconds, self::DIGITS - 1 - (int) floor(log10($seconds)));
    }
}
