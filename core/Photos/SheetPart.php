<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Some photos of a sheet that is too long to be shown at once.
 */
final readonly class SheetPart
{
    private const AT_ONCE = 120;

    /**
     * @param array<int, ?string> $photos files by number; null where one is missing
     * @param ?int                $next   number of the first of those that come after them; null where none do
     */
    private function __construct(public array $photos, public ?int $next)
    {
    }

    /**
     * @param array<int, ?string> $photos all files by number, from 1
     * @param int                 $from   number of the first that is wanted
     */
    public static function of(array $photos, int $from): self
    {
        $next = $from + self::AT_ONCE;

        return new self(array_slice($photos, $from - 1, self::AT_ONCE, true), array_key_exists($next, $photos) ? $next : null);
    }
}
