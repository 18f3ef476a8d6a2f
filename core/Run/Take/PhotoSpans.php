<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;

/**
 * Numbers of photos as runs of them: 4, 9 to 12.
 */
final class PhotoSpans
{
    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<Message|int> such as 4, "9 to 12"
     */
    public static function numbers(array $spans): array
    {
        return array_map(
            static fn (array $span): Message|int => $span[0] === $span[1]
                ? $span[0]
                : new Message('photos.span', ['first' => $span[0], 'last' => $span[1]]),
            $spans,
        );
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return Message such as "photo 4" or "photos 4 and 9 to 12"
     */
    public static function named(array $spans): Message
    {
        $isOne = count($spans) === 1 && $spans[0][0] === $spans[0][1];

        return new Message($isOne ? 'photos.one_of_them' : 'photos.some_of_them', ['numbers' => self::numbers($spans)]);
    }

    /**
     * @param list<int> $photos in their order
     *
     * @return list<array{int, int}> first and last of each run of them
     */
    public static function of(array $photos): array
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
}
