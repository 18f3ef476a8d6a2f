<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Findings\FindingId;

/**
 * Something that a take's log shows, and what is to be done about it now.
 */
final readonly class TakeFinding
{
    /**
     * @param string $says   what happened, with its numbers
     * @param string $mend   what is done about it in the edit, or the next time
     * @param list<array{int, int}> $spans photos that it touches: first and last
     */
    public function __construct(public FindingId $id, public string $title, public string $says, public string $mend, public array $spans = [])
    {
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return string such as "4, 9 to 12"
     */
    public static function photos(array $spans): string
    {
        return implode(', ', array_map(static fn (array $span): string => $span[0] === $span[1] ? (string) $span[0] : "{$span[0]} to {$span[1]}", $spans));
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return string such as "photo 4" or "photos 4, 9 to 12"
     */
    public static function named(array $spans): string
    {
        $isOne = count($spans) === 1 && $spans[0][0] === $spans[0][1];

        return ($isOne ? 'photo ' : 'photos ') . self::photos($spans);
    }

    /**
     * @param list<int> $photos in their order
     *
     * @return list<array{int, int}> first and last of each run of them
     */
    public static function spans(array $photos): array
    {
        $spans = [];
        foreach ($photos as $photo) {
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] === $photo - 1) {
                $spans[$last][1] = $photo;
            } else {
                $spans[] = [$photo, $photo];
            }
        }

        return $spans;
    }

    /** "1 photo", "1,200 photos" */
    public static function many(int $count, string $one, string $more): string
    {
        return number_format($count) . ' ' . ($count === 1 ? $one : $more);
    }
}
