<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeZone;

/**
 * Time zones as people call them.
 */
final class ZoneName
{
    /** The zone's own name: "London" is Europe/London, "new york" America/New_York. What is no zone is returned as it is. */
    public static function full(string $typed): string
    {
        $wanted = mb_strtolower(str_replace(' ', '_', trim($typed)));
        $byCity = null;
        foreach (DateTimeZone::listIdentifiers() as $name) {
            $small = strtolower($name);
            if ($small === $wanted) {
                return $name;
            }
            $byCity ??= str_ends_with($small, "/{$wanted}") ? $name : null;
        }

        return $byCity ?? trim($typed);
    }
}
