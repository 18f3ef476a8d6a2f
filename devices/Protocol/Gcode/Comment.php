<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Messages\Text;
use Evrent\Words\Words;
use Transliterator;

/**
 * A comment of a G-code program, in the reader's language.
 */
final class Comment
{
    /** In ASCII, as firmware reads it: letters without accents, and nothing that would end it early. */
    public static function of(Text|string $text): string
    {
        $plain = Transliterator::create('Any-Latin; Latin-ASCII')?->transliterate(Words::say($text));

        return '(' . preg_replace('/[^\x20-\x7e]|[()]/', '', is_string($plain) ? $plain : Words::say($text)) . ')';
    }
}
