<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Photos\Waves;

/**
 * Small pictures of photos one after another: how bright each is, and how its picture lies against that of the one before.
 */
final readonly class LookedAt
{
    /**
     * @param array<string, float>                 $lumas  0 to 1, of light, by path
     * @param array<string, array{float, float}> $shifts right and down, shares of the width, by path; without those where that cannot be told
     * @param array<string, true>                  $torn   files whose end is not there, by path
     */
    private function __construct(public array $lumas, public array $shifts, public array $torn)
    {
    }

    /**
     * @param list<string> $names paths from the folder on
     * @param int          $from  the first that is looked at, from 0; the one before it is held against it
     * @param int          $count of them
     * @param bool         $areWhole whether the files are all there, and not their beginnings alone
     */
    public static function of(string $folder, array $names, int $from, int $count, bool $areWhole = true): self
    {
        $some = array_slice($names, max(0, $from - 1), $count + min(1, $from));
        $kept = ExifTool::thumbnails($folder, array_values(array_filter($some, static fn (string $name): bool => !SmallPicture::isJpeg($name))));
        $waves = new Waves();
        $lumas = $shifts = $torn = [];
        $last = null;
        foreach ($some as $n => $name) {
            if ($areWhole && ($n > 0 || $from === 0) && SmallPicture::isTorn("{$folder}/{$name}")) {
                $torn[$name] = true;
            }
            $small = SmallPicture::quick("{$folder}/{$name}") ?? $kept[$name] ?? null;
            $seen = $small === null ? null : SeenPicture::of($waves, $small);
            if ($seen === null) {
                continue;
            }
            $shift = $seen->outline === null ? null : $last?->shiftTo($seen->outline);
            $last = $seen->outline;
            if ($n > 0 || $from === 0) {
                $lumas[$name] = $seen->luma;
                $shifts += $shift === null ? [] : [$name => $shift];
            }
        }

        return new self($lumas, $shifts, $torn);
    }
}
