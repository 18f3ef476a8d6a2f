<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Evrent\Core\Problem;

/**
 * What can be worked out, judged and drawn between two key presses, and how it is written for a page to draw.
 */
final class Drawable
{
    public const MOST_PHOTOS = 20_000;

    /** Photos times axes: with more, an edit is not answered within three seconds. */
    public const MOST_POSITIONS = 80_000;

    /**
     * @throws InvalidInput when there is more to draw than that
     */
    public static function check(Plan $plan): void
    {
        $photos = max($plan->photosTotal(), $plan->photosProgrammed());
        if ($photos > self::MOST_PHOTOS) {
            throw new InvalidInput([new Problem('/timing/photos', sprintf(
                'A shot can have up to %s photos here, head, tail and held ones included.',
                number_format(self::MOST_PHOTOS),
            ))]);
        }
        $axes = count($plan->rig->axes);
        if ($plan->photosTotal() * $axes > self::MOST_POSITIONS) {
            throw new InvalidInput([new Problem('/timing/photos', sprintf(
                'With %d axes a shot can have up to %s photos here: more take too long to work out between two key presses.',
                $axes,
                number_format(intdiv(self::MOST_POSITIONS, $axes)),
            ))]);
        }
    }

    /**
     * All columns of a schedule. Most rise evenly: as steps from photo to photo they are small numbers that repeat, and pack to a
     * fraction.
     *
     * @return array<string, int|array{s: list<int|null>}> by quantity, × IntervalColumns::SCALE: one number for every photo, or s, the
     *                                                     steps to each photo from the one before, the first from 0; null where there
     *                                                     is no number
     */
    public static function columns(Schedule $schedule): array
    {
        return array_map(
            static fn (int|array $column): int|array => is_int($column) ? $column : ['s' => self::steps($column)],
            [...IntervalColumns::of($schedule), ...SceneryColumns::of($schedule)],
        );
    }

    /**
     * @param list<int|null> $column
     *
     * @return list<int|null>
     */
    private static function steps(array $column): array
    {
        $steps = [];
        $before = 0;
        foreach ($column as $value) {
            $steps[] = $value === null ? null : $value - $before;
            $before = $value ?? $before;
        }

        return $steps;
    }
}
