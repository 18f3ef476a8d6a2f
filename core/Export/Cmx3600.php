<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Frames;

/**
 * An edit list in the form of CMX 3600, which older editing programs read: one event for each stretch at one speed. Times are counted without
 * dropping frames; the first photo stands at 00:00:00:00, and the clip begins at 01:00:00:00.
 */
final class Cmx3600
{
    private const BEGINS_SECONDS = 3_600;
    private const MOST_TITLE = 60;

    public static function of(Material $material, Frames $frames): string
    {
        $rate = $frames->clip->rate;
        $counted = $rate->counted();
        $lines = ['TITLE: ' . mb_strcut($material->name(), 0, self::MOST_TITLE), 'FCM: NON-DROP FRAME', ''];
        foreach (Shots::of($frames) as $n => $shot) {
            $taken = max(1, (int) ceil($shot->frames * abs($shot->speed)));
            $first = $shot->speed < 0.0 ? max(1, $shot->photo - $taken + 1) : $shot->photo;
            $begins = self::BEGINS_SECONDS * $counted + $shot->at;
            $lines[] = sprintf(
                '%03d  %-8s V     C        %s %s %s %s',
                $n + 1,
                'PHOTOS',
                self::time($first - 1, $counted),
                self::time($first - 1 + ($shot->speed === 0.0 ? 1 : $taken), $counted),
                self::time($begins, $counted),
                self::time($begins + $shot->frames, $counted),
            );
            if ($shot->speed !== 1.0) {
                $lines[] = sprintf('M2   %-8s %08.3F                %s', 'PHOTOS', $shot->speed * $rate->framesPerSecond(), self::time($first - 1, $counted));
            }
            $lines[] = "* FROM CLIP NAME: {$material->linkName($shot->photo)}";
        }

        return implode("\r\n", $lines) . "\r\n";
    }

    private static function time(int $frames, int $counted): string
    {
        $seconds = intdiv($frames, $counted);

        return sprintf('%02d:%02d:%02d:%02d', intdiv($seconds, 3_600), intdiv($seconds, 60) % 60, $seconds % 60, $frames % $counted);
    }
}
