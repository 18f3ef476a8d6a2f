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
    private const BEFORE_1970 = 1e10;

    public static function of(PhotoList $photos): PhotoList
    {
        $rolled = self::rolledOver($photos);
        $keys = [];
        foreach ($photos as $i => $photo) {
            // A clock that shows whole seconds says nothing within one. What lies in no folder of a camera's was copied there.
            $at = $photo->unixSeconds ?? INF;
            $isLast = is_infinite($at) ? 1 : 0;
            $ticks = $isLast === 1 ? 0 : (int) floor(($at + self::BEFORE_1970) * 1e6);
            $keys[$i] = pack('CJNN', $isLast, $ticks, $photo->folderNumber ?? 0xffffffff, self::counted($photo, $rolled));
        }
        // What is the same in all of these goes by name.
        uksort($keys, static fn (int $a, int $b): int => $keys[$a] === $keys[$b]
            ? strcmp($photos->at($a)->file, $photos->at($b)->file)
            : strcmp($keys[$a], $keys[$b]));

        return $photos->picked(array_keys($keys));
    }

    /**
     * Folders whose counter began again while it was in use: in them low numbers come after high ones.
     *
     * @return array<string, true> by folder
     */
    private static function rolledOver(PhotoList $photos): array
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
