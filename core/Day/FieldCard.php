<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Checks\NearestOutOfFocus;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\PassFacts;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\TroubleTimes;
use Evrent\Core\Shot\WhiteBalanceCues;
use Evrent\Core\Words\PlainText;

/**
 * What is read from paper at the camera: how it is set and focused, what to turn when, what gets in the way, what ends it.
 */
final class FieldCard
{
    /**
     * @return list<string> a line each
     */
    public static function of(Shot $shot): array
    {
        $plan = $shot->plan;
        $settings = $plan->settings->told();
        $end = $plan->end === null ? null : Limits::of($shot)[0] ?? null;
        $card = CueCard::of($shot->schedule);

        return array_values(array_filter([
            NearestOutOfFocus::told($plan, $shot->units),
            $settings === [] ? '' : ucfirst(implode(', ', $settings)) . '.',
            FilmFacts::of($shot->schedule)?->told() ?? '',
            ...PassFacts::of($plan)?->told($shot->units) ?? [],
            ...array_map(static fn (array $cue): string => sprintf(
                '%s: one click %s, to %s s',
                self::when($shot, $cue['seconds'], $cue['photo']),
                $cue['isLonger'] ? 'longer' : 'shorter',
                PlainText::shutter($cue['to']),
            ), $card->clicks ?? []),
            ...array_map(static fn (array $cue): string => sprintf(
                '%s: white balance to %s K',
                self::when($shot, $cue['seconds'], $cue['photo']),
                number_format($cue['kelvin']),
            ), WhiteBalanceCues::of($shot->schedule)),
            ...array_map(self::trouble(...), TroubleTimes::of($shot)),
            $plan->scene->planB === null ? '' : "Else stand here: {$plan->scene->planB}",
            $end === null ? '' : $end->told() . '.',
        ], static fn (string $line): bool => $line !== ''));
    }

    /** "20:14:30, after photo 12": by the clock where it is known. */
    public static function when(Shot $shot, float $seconds, int $photo): string
    {
        $first = $shot->plan->firstTrigger();
        $clock = $first === null ? null : $shot->plan->site?->day->clockAndDay($first->plusSeconds($seconds));

        return ($clock ?? 'after ' . PlainText::duration($seconds)) . ", photo {$photo} taken";
    }

    /**
     * @param array{trouble: \Evrent\Core\Plan\Trouble, first: ?int, last: ?int} $one
     */
    public static function trouble(array $one): string
    {
        return ucfirst($one['trouble']->told()) . ($one['first'] === null ? '' : sprintf('; photos %d to %d', $one['first'], $one['last']));
    }
}
