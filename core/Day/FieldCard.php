<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Checks\NearestOutOfFocus;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\PassFacts;
use Evrent\Core\Shot\PhotosByDay;
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
     * @return list<Text|string> a line each
     */
    public static function of(Shot $shot): array
    {
        $cues = array_map(
            static fn (array $cue): string => self::when($shot, $cue['seconds'], $cue['photo']) . ": {$cue['says']}",
            self::cues($shot),
        );

        return [...self::settings($shot), ...$cues, ...self::hazards($shot)];
    }

    /**
     * How the camera is set and focused, and what it makes.
     *
     * @return list<Text|string>
     */
    public static function settings(Shot $shot): array
    {
        $settings = $shot->plan->settings->told();

        return array_values(array_filter([
            NearestOutOfFocus::told($shot->plan, $shot->units, isPrinted: true),
            $settings === [] ? '' : new Message('day.field_card.settings', ['settings' => Joined::of($settings, Joined::COMMA)]),
            FilmFacts::of($shot->schedule)?->told() ?? '',
            ...PassFacts::of($shot->plan)?->told($shot->units) ?? [],
        ], static fn (Text|string $line): bool => $line !== ''));
    }

    /**
     * What gets in the way, and what ends it.
     *
     * @return list<Text|string>
     */
    public static function hazards(Shot $shot): array
    {
        $plan = $shot->plan;
        $end = $plan->end === null ? null : Limits::of($shot)[0] ?? null;

        return array_values(array_filter([
            ...array_map(self::trouble(...), TroubleTimes::of($shot)),
            ...array_map(ucfirst(...), PhotosByDay::told($shot->schedule)),
            $plan->scene->planB === null ? '' : "Else stand here: {$plan->scene->planB}",
            $end === null ? '' : $end->told() . '.',
        ], static fn (Text|string $line): bool => $line !== ''));
    }

    /**
     * What is turned on the way, in its order: the shutter's dial, ISO, white balance.
     *
     * @return list<array{photo: int, seconds: float, says: string, to: string}> number of the photo after which it is turned; seconds from the first
     *                                                                         trigger; in words, and what it is turned to
     */
    public static function cues(Shot $shot): array
    {
        $cues = [];
        foreach (CueCard::of($shot->schedule)->clicks ?? [] as $cue) {
            $turn = sprintf('one click %s, to %s s', $cue['isLonger'] ? 'longer' : 'shorter', PlainText::shutter($cue['to']));
            $cues[] = ['photo' => $cue['photo'], 'seconds' => $cue['seconds'], 'says' => $turn, 'to' => PlainText::shutter($cue['to']) . ' s'];
        }
        foreach ($shot->plan->light->isoChanges ?? [] as $change) {
            $photo = $change['frame'] - 1;
            $seconds = $shot->schedule->timeline->closeSeconds[$photo - 1] ?? null;
            if ($seconds !== null) {
                $iso = number_format($change['iso']);
                $cues[] = ['photo' => $photo, 'seconds' => $seconds, 'says' => "ISO to {$iso}", 'to' => "ISO {$iso}"];
            }
        }
        foreach (WhiteBalanceCues::of($shot->schedule) as $cue) {
            $kelvin = number_format($cue['kelvin']) . ' K';
            $cues[] = ['photo' => $cue['photo'], 'seconds' => $cue['seconds'], 'says' => "white balance to {$kelvin}", 'to' => "WB {$kelvin}"];
        }
        usort($cues, static fn (array $a, array $b): int => $a['photo'] <=> $b['photo']);

        return $cues;
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
    public static function trouble(array $one): Message
    {
        $told = Joined::capital($one['trouble']->told());

        return $one['first'] === null
            ? $told
            : new Message('day.field_card.trouble', ['trouble' => $told, 'first' => $one['first'], 'last' => $one['last'] ?? $one['first']]);
    }
}
