<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Devices\Photos\PhotoFolder;

/**
 * Photos that were developed elsewhere, known by the names that they went out under: that of their numbered link, or of their raw file.
 */
final class Developed
{
    /**
     * @param array<int, string> $files  of the card, by number
     * @param int                $photos of the plan
     *
     * @return array{photos: array<int, string>, others: list<string>} paths from the folder on by number, and those that are none
     */
    public static function in(string $folder, array $files, int $photos): array
    {
        $stem = static fn (string $path): string => strtolower(pathinfo($path, PATHINFO_FILENAME));
        $numbers = [];
        foreach ($files as $number => $file) {
            // Of two with one name, nobody can say which came back.
            $numbers[$stem($file)] = isset($numbers[$stem($file)]) ? 0 : $number;
        }
        $found = ['photos' => [], 'others' => []];
        foreach (PhotoFolder::files($folder)['photos'] as $path) {
            $number = preg_match('/_(\d{6})$/D', $stem($path), $link) === 1 ? (int) $link[1] : $numbers[$stem($path)] ?? 0;
            if ($number < 1 || $number > $photos || isset($found['photos'][$number]) || !FilmWork::canRead($path)) {
                $found['others'][] = $path;
            } else {
                $found['photos'][$number] = $path;
            }
        }
        ksort($found['photos']);

        return $found;
    }
}
