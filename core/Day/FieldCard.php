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

        return array_values(array_filter([
            NearestOutOfFocus::told($plan, $shot->units),
            $settings === [] ? '' : ucfirst(implode(', ', $settings)) . '.',
            FilmFacts::of($shot->schedule)?->told() ?? '',
            ...PassFacts::of($plan)?->told($shot->units) ?? [],
            ...self::cues($shot),
            ...array_map(self::trouble(...), TroubleTimes::of($shot)),
            $plan->scene->planB === null ? '' : "Else stand here: {$plan->scene->planB}",
            $end === null ? '' : $end->told() . '.',
        ], static fn (string $line): bool => $line !== ''));
    }

    /**
     * What is turned on the way, in its order: the shutter's dial, ISO, white balance.
     *
     * @return list<string>
     */
    private static function cues(Shot $shot): array
    {
        $cues = [];
        foreach (CueCard::of($shot->schedule)->clicks ?? [] as $cue) {
            $turn = sprintf('one click %s, to %s s', $cue['isLonger'] ? 'longer' : 'shorter', PlainText::shutter($cue['to']));
            $cues[] = [$cue['photo'], self::when($shot, $cue['seconds'], $cue['photo']) . ": {$turn}"];
        }
        foreach ($shot->plan->light->isoChanges ?? [] as $change) {
            $photo = $change['frame'] - 1;
            $seconds = $shot->schedule->timeline->closeSeconds[$photo - 1] ?? null;
            if ($seconds !== null) {
                $cues[] = [$photo, self::when($shot, $seconds, $photo) . ': ISO to ' . number_format($change['iso'])];
            }
        }
        foreach (WhiteBalanceCues::of($shot->schedule) as $cue) {
            $cues[] = [$cue['photo'], self::when($shot, $cue['seconds'], $cue['photo']) . ': white balance to ' . number_format($cue['kelvin']) . ' K'];
        }
        usort($cues, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($cues, 1);
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
