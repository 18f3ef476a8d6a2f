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
        'Messages' => 'messages (key and arguments) and quantities, formatted at the edge',
        'Values' => 'input errors and their messages',
        'Words' => 'numbers, durations and times of day as people type and read them',
        'Findings' => 'finding ids, each with its severity, view, cause and fields',
        'Motion' => 'axes, keyframes, easing and path: the position of every axis at each photo',
        'Timing' => 'interval, exposure, camera and trigger: how long a photo takes',
        'Sky' => 'sun, moon and stars over a place, and the events of its day',
        'Light' => 'scene brightness, exposures, and exposure strategies',
        'Optics' => 'lens, sensor and picture: motion in pixels',
        'Budget' => 'power, storage and load',
        'Kit' => 'pieces of kit, their kinds and numbers',
        'Plan' => 'the plan of one shot',
        'Schedule' => 'each photo of a plan with its time and slack',
        'Shot' => 'facts of one shot used by several modules: sky, light, drain, motion in the picture',
        'Checks' => 'what will fail, by how much, and the fixes',
        'Sums' => 'calculations of figures and findings, term by term',
        'Run' => 'running a plan, in virtual time or on devices',
        'Photos' => 'photo metadata, and matching to the plan',
        'Clip' => 'the clip, frame by frame',
        'Export' => 'a shot and its clip as files for other programs',
        'Format' => 'reading and writing files and fields',
        'Day' => 'several shots of one day at one place, and their packing list',
        'Drawings' => 'the data of charts and drawings',
        'Editing' => 'edits of a plan and their consequences',
        'Presets' => 'recipes, saved moves, and trials',
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
