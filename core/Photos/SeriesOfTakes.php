<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Which series on a card is which take: by the files that the take's log names, at the times at which it has them. Names come again after a card was
 * formatted and when the counter rolls over.
 */
final class SeriesOfTakes
{
    /** Cameras tell their wall time and not their zone, and zones differ by quarters of an hour; files have whole seconds. */
    private const QUARTER_HOUR = 900.0;
    private const SAME_SECONDS = 3.0;

    /** Of a series, so many of the photos have to be the take's. */
    private const LEAST_SHARE = 0.5;

    /**
     * @param PhotoList                         $order of the card
     * @param array<string, array<int, ?float>> $files by folder and name: when the camera said that it was taken, by the id of the take
     *
     * @return ?int id of the take that most of them are of; null where none has that many
     */
    public static function takeOf(CardSeries $series, PhotoList $order, array $files): ?int
    {
        $named = [];
        for ($place = $series->first; $place < $series->first + $series->count; $place++) {
            $photo = $order->at($place);
            foreach ($files[self::key($photo->file)] ?? [] as $id => $said) {
                if (self::atThatTime($said, $photo->unixSeconds)) {
                    $named[$id] = ($named[$id] ?? 0) + 1;
                }
            }
        }
        arsort($named);
        $likeliest = array_key_first($named);

        return $likeliest !== null && $named[$likeliest] > self::LEAST_SHARE * $series->count ? $likeliest : null;
    }

    /**
     * Series in a row that are of one take are one: what lies between is a pause, or a rig that was moved by hand.
     *
     * @param list<array{first: int, count: int, interval_s: float, from_unix_s: float, to_unix_s: float, body: ?string, take: ?int}> $series in their order
     *
     * @return list<array{first: int, count: int, interval_s: float, from_unix_s: float, to_unix_s: float, body: ?string, take: ?int}>
     */
    public static function joined(array $series): array
    {
        $joined = [];
        foreach ($series as $one) {
            $last = count($joined) - 1;
            if ($one['take'] !== null && $last >= 0 && $joined[$last]['take'] === $one['take']) {
                $joined[$last]['count'] += $one['count'];
                $joined[$last]['to_unix_s'] = $one['to_unix_s'];
            } else {
                $joined[] = $one;
            }
        }

        return $joined;
    }

    /** A file by its folder and name, wherever it was copied to. */
    public static function key(string $file): string
    {
        return basename(dirname($file)) . '/' . basename($file);
    }

    private static function atThatTime(?float $said, ?float $is): bool
    {
        // Without a time a name says nothing: names come again.
        if ($said === null || $is === null) {
            return false;
        }
        $off = fmod(abs($said - $is), self::QUARTER_HOUR);

        return min($off, self::QUARTER_HOUR - $off) <= self::SAME_SECONDS;
    }
}
