<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Checks\Verdict;

/**
 * The drawings on buttons and marks, put into the page itself: they take the colour of the text around them, and none arrives late.
 */
final class Icon
{
    /** @var array<string, string> by name; a page shows most of its icons many times */
    private static array $read = [];

    /** SVG that may stand in a page. */
    public static function svg(string $name): string
    {
        return self::$read[$name] ??= self::short((string) file_get_contents(resource_path('icons/' . basename($name) . '.svg')));
    }

    /** @return string its name */
    public static function ofVerdict(Verdict $verdict): string
    {
        return ['works' => 'circle-check', 'timing' => 'check', 'fails' => 'octagon-x'][$verdict->standing()];
    }

    /** What the style sheet says of all of them, and their files each for themselves. */
    private const DRAWN = ' fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round"';

    /** Without what only its file needs: a page has a hundred of them. */
    private static function short(string $svg): string
    {
        $short = trim((string) preg_replace(['/<!--.*?-->/s', '/ (class|xmlns)="[^"]*"/', '/\s+/', '/> </'], ['', '', ' ', '><'], $svg));

        return str_replace(self::DRAWN, '', $short);
    }
}
