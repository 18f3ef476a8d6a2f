<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

use Evrent\Core\Messages\Message;

/**
 * Names of files as they come from cards, cameras and other people's lists: anything but a slash may be in them.
 */
final class FileName
{
    /** Why a file is left out whose name is not plain. */
    public static function whyNot(): Message
    {
        return new Message('photos.unread.name');
    }

    /**
     * Whether a name or path may be written into a list of lines, such as a manifest or an edit list: it is UTF-8, and nothing in it ends a line or
     * steers a terminal.
     */
    public static function isPlain(string $name): bool
    {
        return preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $name) === 0;
    }

    /** A name as it may be shown: what must not be passed on stands as a replacement character. */
    public static function shown(string $name): string
    {
        return (string) preg_replace('/[\p{Cc}\x{2028}\x{2029}]/u', "\u{fffd}", mb_scrub($name, 'UTF-8'));
    }
}
