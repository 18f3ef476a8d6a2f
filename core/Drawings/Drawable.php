<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What can be worked out, judged and drawn between two key presses, and how it is written for a page to draw.
 */
final class Drawable
{
    public const MOST_PHOTOS = 20_000;

    /** Photos times axes: with more, an edit is not answered within three seconds. */
    public const MOST_POSITIONS = 80_000;

    /** Growth and building works take a year; what takes longer is a slip of the pen. */
    public const MOST_RUN_DAYS = 400;

    private const SECONDS_PER_DAY = 86_400.0;

    /** Fewer of the same step in a row are shorter as they are. */
    private const LEAST_RUN = 4;

    /**
     * @throws InvalidInput when it takes longer than anybody shoots
     */
    public static function checkRun(Schedule $schedule): void
    {
        $days = $schedule->summary->onSiteSeconds / self::SECONDS_PER_DAY;
        if (!is_finite($days) || $days > self::MOST_RUN_DAYS) {
            $slowest = max([0.0, ...$schedule->moves->moveSeconds]) > max([0.0, ...$schedule->intervalSeconds]);
            throw new InvalidInput([new Problem($slowest ? '/rig/axes' : '/timing/interval_s', new Message(
                $slowest ? 'drawings.drawable.too_slow' : 'drawings.drawable.too_long',
                ['days' => is_finite($days) ? Quantity::rounded($days, 0) : '∞', 'most' => self::MOST_RUN_DAYS],
            ))]);
        }
    }

    /**
     * @throws InvalidInput when there is more to draw than that
     */
    public static function check(Plan $plan): void
    {
        $photos = max($plan->photosTotal(), $plan->photosProgrammed());
        if ($photos > self::MOST_PHOTOS) {
            throw new InvalidInput([new Problem('/timing/photos', new Message('drawings.drawable.photos', ['most_photos' => self::MOST_PHOTOS]))]);
        }
        $axes = count($plan->rig->axes);
        if ($plan->photosTotal() * $axes > self::MOST_POSITIONS) {
            $most = new Message('drawings.drawable.positions', ['axes' => $axes, 'most_positions' => intdiv(self::MOST_POSITIONS, $axes)]);
            throw new InvalidInput([new Problem('/timing/photos', $most)]);
        }
    }

    /**
     * Columns that are others added up: which, and how often each. Slack is what is left of the drawn interval by the drawn need: a
     * difference of what was rounded, not a third rounding.
     */
    private const SUMS = ['slack' => ['interval' => 1, 'required' => -1], 'settle_start' => ['move_start' => 1, 'move' => 1]];

    /**
     * All columns of a schedule, for a page that is answered over a slow line. Most rise evenly: as steps from photo to photo they are
     * small numbers that repeat, and pack to a fraction. Some are others added up, or the same but for where they begin.
     *
     * @return array<string, int|array{s: list<int|null|array{int|null, int}>}|array{of: array<string, int>, plus: int}> by quantity, × IntervalColumns::SCALE:
     *         one number for every photo; or s, the steps to each photo from the one before, the first from 0, null where there is no
     *         number, and a pair for a step and how often it comes in a row; or the sum of columns that come before it, each so many times, plus a number
     */
    public static function columns(Shot $shot): array
    {
        /** @var array<string, int|array{s: list<int|null|array{int|null, int}>}|array{of: array<string, int>, plus: int}> $written */
        $written = [];
        $shapes = $begins = [];
        foreach ([...IntervalColumns::of($shot->schedule), ...SceneryColumns::of($shot)] as $name => $column) {
            if (is_int($column)) {
                $written[$name] = $column;
                continue;
            }
            $steps = self::steps($column);
            $begins[$name] = (int) $column[0];
            $shape = array_slice($steps, 1);
            $like = array_search($shape, $shapes, true);
            $shapes[$name] = $shape;
            $written[$name] = $like === false ? ['s' => $steps] : ['of' => [$like => 1], 'plus' => $begins[$name] - $begins[$like]];
        }

        foreach (self::SUMS as $name => $of) {
            $written[$name] = ['of' => $of, 'plus' => 0];
        }

        return $written;
    }

    /**
     * @param list<int|null> $column
     *
     * @return list<int|null|array{int|null, int}>
     */
    private static function steps(array $column): array
    {
        $steps = [];
        $before = 0;
        $last = null;
        $times = 0;
        foreach ($column as $n => $value) {
            if ($value === null) {
                $step = null;
            } else {
                $step = $value - $before;
                $before = $value;
            }
            // The first stands by itself: columns that differ in nothing else are the same.
            if ($n > 1 && $step === $last) {
                $times++;
                continue;
            }
            if ($times === 1) {
                $steps[] = $last;
            } else {
                self::addRun($steps, $last, $times);
            }
            $last = $step;
            $times = 1;
        }
        self::addRun($steps, $last, $times);

        return $steps;
    }

    /**
     * @param list<int|null|array{int|null, int}> $steps
     */
    private static function addRun(array &$steps, ?int $step, int $times): void
    {
        if ($times >= self::LEAST_RUN) {
            $steps[] = [$step, $times];

            return;
        }
        for (; $times > 0; $times--) {
            $steps[] = $step;
        }
    }
}
