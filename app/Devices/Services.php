<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * The services that run beside the pages: each notes when it started (support/server/alone.sh).
 */
final class Services
{
    private const NAMES = ['daemons', 'rig', 'camera', 'queue', 'long', 'takes0', 'takes1', 'web', 'application'];
    private const STARTS = 5;
    private const WITHIN_SECONDS = 60;

    /** @return array<string, string> those that keep stopping: the path of the log of each */
    public static function dead(): array
    {
        $folder = config()->string('evrent.run');
        $since = now()->subSeconds(self::WITHIN_SECONDS)->getTimestamp();
        $dead = [];
        foreach ($folder === '' ? [] : self::NAMES as $service) {
            $starts = @file("{$folder}/{$service}.group.starts", FILE_IGNORE_NEW_LINES);
            $lately = array_filter($starts === false ? [] : $starts, static fn (string $at): bool => (int) $at > $since);
            if (count($lately) >= self::STARTS) {
                $dead[$service] = "{$folder}/" . rtrim($service, '01') . '.log';
            }
        }

        return $dead;
    }
}
