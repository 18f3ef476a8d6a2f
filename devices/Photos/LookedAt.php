<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Messages\Message;
use Evrent\Core\Photos\Waves;
use Generator;

/**
 * Small pictures of photos one after another: how bright each is, and how its picture lies against that of the one before.
 *
 * @phpstan-type Look array{name: string, luma?: float, shift?: array{float, float}, torn?: true, why?: Message}
 */
final class LookedAt
{
    /** @var array<string, float> 0 to 1, of light, by path */
    public array $lumas = [];

    /** @var array<string, array{float, float}> right and down, shares of the width, by path; without those where that cannot be told */
    public array $shifts = [];

    /** @var array<string, true> files whose end is not there, by path */
    public array $torn = [];

    /** @var array<string, Message> why a file was not looked at, by path */
    public array $unread = [];

    /** How many were looked at, of those that were asked for. */
    public int $count = 0;

    /**
     * Looks at photos one after another, here and now. Whoever does not know what they hold calls `ApartLook::of()`.
     *
     * @param list<string> $names paths from the folder on
     * @param int          $from  the first that is looked at, from 0; the one before it is held against it
     * @param int          $count of them
     * @param bool         $areWhole whether the files are all there, and not their beginnings alone
     * @param list<string> $but   files that are not touched
     *
     * @return Generator<Look> one for each
     */
    public static function each(string $folder, array $names, int $from, int $count, bool $areWhole, int $mostMegapixels, array $but): Generator
    {
        $some = array_slice($names, max(0, $from - 1), $count + min(1, $from));
        $raw = array_filter($some, static fn (string $name): bool => !SmallPicture::isJpeg($name) && !in_array($name, $but, true));
        $kept = ExifTool::thumbnails($folder, array_values($raw));
        $waves = new Waves();
        $last = null;
        foreach ($some as $n => $name) {
            $isAsked = $n > 0 || $from === 0;
            $path = "{$folder}/{$name}";
            $why = in_array($name, $but, true) ? new Message('devices.photos.undecoded') : Decoder::whyNot($path, $mostMegapixels);
            $small = $why === null ? SmallPicture::quick($path) ?? $kept[$name] ?? null : null;
            $seen = $small === null ? null : SeenPicture::of($waves, $small);
            $shift = $seen?->outline === null ? null : $last?->shiftTo($seen->outline);
            $last = $seen === null ? $last : $seen->outline;
            if (!$isAsked) {
                continue;
            }
            yield [
                'name' => $name, ...($why === null ? [] : ['why' => $why]), ...($seen === null ? [] : ['luma' => $seen->luma]),
                ...($shift === null ? [] : ['shift' => $shift]), ...($why === null && $areWhole && SmallPicture::isTorn($path) ? ['torn' => true] : []),
            ];
        }
    }

    /** @param array<array-key, mixed> $look as `each()` gives it */
    public function add(array $look): void
    {
        $name = is_string($look['name'] ?? null) ? $look['name'] : '';
        $this->count++;
        if (is_array($look['why'] ?? null)) {
            $this->unread[$name] = Message::of($look['why']);
        }
        if (is_float($look['luma'] ?? null) || is_int($look['luma'] ?? null)) {
            $this->lumas[$name] = (float) $look['luma'];
        }
        if (is_array($look['shift'] ?? null)) {
            [$right, $down] = $look['shift'] + [0.0, 0.0];
            $this->shifts[$name] = [is_numeric($right) ? (float) $right : 0.0, is_numeric($down) ? (float) $down : 0.0];
        }
        if (isset($look['torn'])) {
            $this->torn[$name] = true;
        }
    }
}
