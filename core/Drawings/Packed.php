<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

/**
 * Numbers as whole parts of one, for a page that is drawn again after every keystroke.
 */
final class Packed
{
    /**
     * To the nearest part, halves away from zero. Not by round(), which first looks for a shorter decimal that may have been meant: nobody
     * sees the difference in a drawing, and it takes longer than all the rest of writing one.
     *
     * @template T of ?float
     *
     * @param list<T> $values
     * @param int     $parts  of one
     * @param int     $each   what each part is written as
     *
     * @return (T is null ? list<int|null> : list<int>)
     */
    public static function column(array $values, int $parts, int $each = 1): array
    {
        $packed = [];
        foreach ($values as $value) {
            if ($value === null) {
                $packed[] = null;
                continue;
            }
            $scaled = $value * $parts;
            $packed[] = (int) ($scaled < 0.0 ? $scaled - 0.5 : $scaled + 0.5) * $each;
        }

        return $packed;
    }
}
