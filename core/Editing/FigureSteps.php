<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Message;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;

/**
 * A figure of the sentence taken up or down without typing, as with gloves on: by a small or a large step, to round values.
 */
final class FigureSteps
{
    private const RATES = [10, 12, 15, 20, 24, 25, 30, 48, 50, 60, 100, 120];

    /** Small and large step of what is counted in whole numbers, and the least that it can be, by pointer. */
    private const WHOLE = [
        '/held/photos' => [1, 12, 2], '/timing/photos' => [1, 12, 2], '/timing/head_photos' => [1, 12, 0], '/timing/tail_photos' => [1, 12, 0],
        '/timing/start_delay_s' => [5, 60, 0],
    ];

    /**
     * The figure as it would be typed after the step, nested as fields are sent.
     *
     * @param string $pointer of the figure: /held/… or the plan's own
     * @param int    $by      -2, -1, 1 or 2: much less, less, more, much more
     *
     * @return array{array<string, mixed>, array<string, string>} fields of the plan, and of what is held
     *
     * @throws InvalidInput by /edit/by
     */
    public static function of(PinnedPlan $pinned, string $pointer, int $by): array
    {
        if (!in_array($by, [-2, -1, 1, 2], true)) {
            throw new InvalidInput([new Problem('/edit/by', new Message('editing.figure_steps.step'))]);
        }
        $timing = $pinned->plan->timing;
        $up = $by <=> 0;
        $large = abs($by) === 2;
        $text = match ($pointer) {
            '/held/photos' => self::whole($pointer, $pinned->plan->photosTotal(), $up, $large),
            '/timing/photos' => self::whole($pointer, $timing->photos, $up, $large),
            '/timing/head_photos' => self::whole($pointer, $timing->headPhotos, $up, $large),
            '/timing/tail_photos' => self::whole($pointer, $timing->tailPhotos, $up, $large),
            '/timing/start_delay_s' => self::whole($pointer, $timing->startDelaySeconds, $up, $large),
            '/held/clip' => PlainText::number(self::stepped($pinned->plan->photosTotal() / $timing->framesPerSecond, $large ? 5.0 : 1.0, $up)),
            '/held/shooting' => PlainText::number(self::stepped(self::shootingMinutes($pinned), $large ? 10.0 : 1.0, $up)) . ' min',
            '/timing/frames_per_second' => PlainText::number(self::rate($timing->framesPerSecond, $up, $large)),
            '/timing/interval_s' => PlainText::number(self::interval($timing->interval->keys[0]['seconds'], $up, $large)),
            '/timing/exposure_s' => PlainText::shutter(self::shutter($pinned, $up, $large)),
            default => throw new InvalidInput([new Problem('/edit/figure', new Message('editing.figure_steps.typed'))]),
        };
        [, $group, $field] = explode('/', $pointer);

        return $group === 'held' ? [[], [$field => $text]] : [[$group => [$field => $text]], []];
    }

    private static function whole(string $pointer, float $now, int $up, bool $large): string
    {
        [$small, $much, $least] = self::WHOLE[$pointer];

        return PlainText::number(max($least, round($now) + $up * ($large ? $much : $small)));
    }

    private static function stepped(float $now, float $step, int $up): float
    {
        // To the next round value first, then from one to the next.
        $next = $up > 0 ? floor($now / $step + 1e-6) + 1 : ceil($now / $step - 1e-6) - 1;

        // Less never comes to nothing.
        return $next < 1.0 ? min($now, $step) : round($next * $step, 6);
    }

    private static function shootingMinutes(PinnedPlan $pinned): float
    {
        return ($pinned->pins->shootingSeconds ?? Schedule::bookedSeconds($pinned->plan)) / 60.0;
    }

    private static function rate(float $now, int $up, bool $large): float
    {
        $beyond = array_values(array_filter(self::RATES, static fn (int $rate): bool => ($rate <=> $now) === $up));
        $nearest = $up > 0 ? $beyond : array_reverse($beyond);

        return $nearest[$large ? 1 : 0] ?? $nearest[0] ?? $now;
    }

    private static function interval(float $now, int $up, bool $large): float
    {
        $small = match (true) {
            $now + $up * 1e-6 < 10.0 => 0.1,
            $now + $up * 1e-6 < 60.0 => 0.5,
            default => 5.0,
        };

        return self::stepped($now, $small * ($large ? 10.0 : 1.0), $up);
    }

    /** By a third of a stop or a whole one, from mark to mark. */
    private static function shutter(PinnedPlan $pinned, int $up, bool $large): float
    {
        $now = $pinned->plan->timing->exposure->keys[0]['seconds'];
        $literal = $pinned->plan->camera->marksAreLiteral;

        return Marks::shutterNearest($now * 2.0 ** ($up * ($large ? 1.0 : 1.0 / 3.0)), $literal);
    }
}
