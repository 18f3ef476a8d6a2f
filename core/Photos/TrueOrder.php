<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * The order in which photos were taken: by time; within one second by folder and file number, where a fall by more than half of what the
 * counter has is a roll-over. Those without any time come by their numbers alone.
 */
final class TrueOrder
{
    private const COUNTER = 10_000;

    /**
     * @param list<CardPhoto> $photos
     *
     * @return list<CardPhoto>
     */
    public static function of(array $photos): array
    {
        $rolled = self::rolledOver($photos);
        $keys = [];
        foreach ($photos as $i => $photo) {
            // A clock that shows whole seconds says nothing within one. What lies in no folder of a camera's was copied there.
            $keys[$i] = [$photo->unixSeconds ?? INF, $photo->folderNumber ?? PHP_INT_MAX, self::counted($photo, $rolled), $photo->file];
        }
        uksort($keys, static fn (int $a, int $b): int => $keys[$a] <=> $keys[$b]);

        return array_map(static fn (int $i): CardPhoto => $photos[$i], array_keys($keys));
    }

    /**
     * Folders whose counter began again while it was in use: in them low numbers come after high ones.
     *
     * @param list<CardPhoto> $photos
     *
     * @return array<string, true> by folder
     */
    private static function rolledOver(array $photos): array
    {
        $range = [];
        foreach ($photos as $photo) {
            if ($photo->fileNumber !== null) {
                $folder = dirname($photo->file);
                $range[$folder] = [min($range[$folder][0] ?? INF, $photo->fileNumber), max($range[$folder][1] ?? 0, $photo->fileNumber)];
            }
        }
        $wide = array_filter($range, static fn (array $one): bool => $one[1] - $one[0] > self::COUNTER / 2);

        return array_fill_keys(array_keys($wide), true);
    }

    /**
     * @param array<string, true> $rolled
     */
    private static function counted(CardPhoto $photo, array $rolled): int
    {
        $number = $photo->fileNumber ?? 0;

        return isset($rolled[dirname($photo->file)]) && $number < self::COUNTER / 2 ? $number + self::COUNTER : $number;
    }
}
