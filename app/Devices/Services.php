<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * The services that run beside the pages: each notes when it started (support/server/alone.sh).
 */
final class Services
{
    private const NAMES = [
        'daemons' => 'The device service',
        'rig' => 'The simulated rig', 'camera' => 'The simulated camera', 'queue' => 'The queue', 'long' => 'The clip worker',
        'takes0' => 'The first take worker', 'takes1' => 'The second take worker', 'web' => 'The web server', 'application' => 'The application',
    ];
    private const STARTS = 5;
    private const WITHIN_SECONDS = 60;

    /** @return array<string, string> those that keep stopping: the path of the log of each, by its name on the screen */
    public static function dead(): array
    {
        $folder = config()->string('evrent.run');
        $since = now()->subSeconds(self::WITHIN_SECONDS)->getTimestamp();
        $dead = [];
        foreach ($folder === '' ? [] : self::NAMES as $service => $name) {
            $starts = @file("{$folder}/{$service}.group.starts", FILE_IGNORE_NEW_LINES);
            $lately = array_filter($starts === false ? [] : $starts, static fn (string $at): bool => (int) $at > $since);
            if (count($lately) >= self::STARTS) {
                $dead[$name] = "{$folder}/" . rtrim($service, '01') . '.log';
            }
        }

        return $dead;
    }
}
