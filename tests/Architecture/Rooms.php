<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The rooms of core/ in their order. Each uses only those before it, so that none has to be understood to understand an earlier one.
 */
final class Rooms
{
    /** What each holds, by name. */
    public const ORDER = [
        'Messages' => 'keys with arguments, and quantities: what becomes words at the edge',
        'Values' => 'what can be wrong with an input, and the message for its field',
        'Words' => 'numbers, durations and times of day as people type and read them',
        'Findings' => 'what can go wrong with a shoot, by its code',
        'Motion' => 'axes, keyframes, ease and path: where every axis stands at each photo',
        'Timing' => 'interval, exposure, camera and trigger: how long a photo takes',
        'Sky' => 'sun, moon and stars over a place, and the events of its day',
        'Light' => 'how bright it is, what an exposure lets in, and what the sky asks for',
        'Optics' => 'lens, sensor and picture: what moves by how many pixels',
        'Budget' => 'power, storage and load, as they are described',
        'Kit' => 'pieces of kit, their kinds and numbers',
        'Plan' => 'one plan: all that a shooter decides',
        'Schedule' => 'what every photo of a plan is, when it is taken and what is left of its interval',
        'Shot' => 'facts of one shot that more than one room asks for: sky, light, drain, motion in the picture',
        'Checks' => 'what fails, by how much, and how to mend it',
        'Sums' => 'how figures and findings are worked out, term by term',
        'Run' => 'a plan carried out, in virtual time or on devices',
        'Photos' => 'photos as their files tell of them, and which of them is which of the plan’s',
        'Clip' => 'a clip as it is to be made of photos, frame by frame',
        'Export' => 'a shot and its clip as files for other programs',
        'Format' => 'files and fields: reading, writing, typing',
        'Day' => 'several shots of one day on one place, and what they need along',
        'Drawings' => 'what a picture on a page needs, as numbers',
        'Editing' => 'what is done to a plan, and what follows from it',
        'Presets' => 'recipes, moves to use again, and trials',
    ];

    /**
     * @param string $core folder
     *
     * @return array<string, array<string, int>> how often each room names what is in another, by the room's name and the other's
     */
    public static function uses(string $core): array
    {
        $uses = array_fill_keys(array_keys(self::ORDER), []);
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (!$file instanceof SplFileInfo || $file->getExtension() !== 'php') {
                continue;
            }
            $path = substr($file->getPathname(), strlen($core) + 1);
            $room = str_contains($path, '/') ? substr($path, 0, (int) strpos($path, '/')) : '';
            $uses[$room] ??= [];
            foreach (self::named((string) file_get_contents($file->getPathname())) as $other => $times) {
                if ($other !== $room) {
                    $uses[$room][$other] = ($uses[$room][$other] ?? 0) + $times;
                }
            }
        }

        return $uses;
    }

    /**
     * What is out of order: folders that are no room, files in none, and rooms that name a later one.
     *
     * @param array<string, array<string, int>> $uses
     *
     * @return list<string>
     */
    public static function breaches(array $uses): array
    {
        $places = array_flip(array_keys(self::ORDER));
        $breaches = [];
        foreach ($uses as $room => $others) {
            if (!isset($places[$room])) {
                $breaches[] = $room === '' ? 'a file lies in no room' : "{$room} is no room";
                continue;
            }
            foreach (array_keys($others) as $other) {
                if (($places[$other] ?? PHP_INT_MAX) > $places[$room]) {
                    $breaches[] = "{$room} uses {$other}";
                }
            }
        }

        return $breaches;
    }

    /**
     * @return array<string, int> how often a source names what is in each room, in its comments too
     */
    public static function named(string $source): array
    {
        preg_match_all('~Evrent\\\\Core\\\\([A-Z]\w*)(?=\\\\)~', $source, $found);

        return array_count_values($found[1]);
    }
}
