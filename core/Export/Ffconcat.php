<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\Frames;

/**
 * A list that ffmpeg makes a clip of (`-f concat -safe 0`), a photo for each frame. Where two photos lie over each other the nearer one stands.
 */
final class Ffconcat
{
    public static function of(Material $material, Frames $frames): string
    {
        [$in, $seconds] = $frames->clip->rate->fraction();
        $lines = ['ffconcat version 1.0'];
        foreach ($frames->frames as $frame) {
            $lines[] = 'file ' . self::quoted($material->files[self::nearer($frame)] ?? '');
            $lines[] = sprintf('duration %.9F', $seconds / $in);
        }

        return implode("\n", $lines) . "\n";
    }

    public static function nearer(Frame $frame): int
    {
        return $frame->over !== null && $frame->share >= 0.5 ? $frame->over : $frame->photo;
    }

    private static function quoted(string $path): string
    {
        return "'" . str_replace("'", "'\\''", $path) . "'";
    }
}
