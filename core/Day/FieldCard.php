<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Checks\NearestOutOfFocus;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\PassFacts;
use Evrent\Core\Shot\PhotosByDay;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\TroubleTimes;
use Evrent\Core\Shot\WhiteBalanceCues;

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
            static fn (array $cue): Message => new Message('day.field_card.cue', [
                'when' => self::when($shot, $cue['seconds'], $cue['photo']), 'what' => $cue['says'],
            ]),
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
            ...array_map(Joined::capital(...), PhotosByDay::told($shot->schedule)),
            $plan->scene->planB === null ? '' : new Message('day.field_card.fallback', ['place' => $plan->scene->planB]),
            $end === null ? '' : $end->told(),
        ], static fn (Text|string $line): bool => $line !== ''));
    }

    /**
     * What is turned on the way, in its order: the shutter's dial, ISO, white balance.
     *
     * @return list<array{photo: int, seconds: float, says: Message, to: Message}> number of the photo after which it is turned; seconds from the first
     *                                                                         trigger; in words, and what it is turned to
     */
    public static function cues(Shot $shot): array
    {
        $cues = [];
        foreach (CueCard::of($shot->schedule)->clicks ?? [] as $cue) {
            $turn = new Message($cue['isLonger'] ? 'day.field_card.longer' : 'day.field_card.shorter', ['seconds' => Quantity::shutter($cue['to'])]);
            $cues[] = ['photo' => $cue['photo'], 'seconds' => $cue['seconds'], 'says' => $turn,
                'to' => new Message('units.seconds', ['number' => Quantity::shutter($cue['to'])])];
        }
        foreach ($shot->plan->light->isoChanges ?? [] as $change) {
            $photo = $change['frame'] - 1;
            $seconds = $shot->schedule->timeline->closeSeconds[$photo - 1] ?? null;
            if ($seconds !== null) {
                $iso = Quantity::rounded($change['iso'], 0);
                $cues[] = ['photo' => $photo, 'seconds' => $seconds,
                    'says' => new Message('day.field_card.to_iso', ['iso' => $iso]), 'to' => new Message('day.field_card.iso', ['iso' => $iso])];
            }
        }
        foreach (WhiteBalanceCues::of($shot->schedule) as $cue) {
            $kelvin = Quantity::rounded($cue['kelvin'], 0);
            $cues[] = ['photo' => $cue['photo'], 'seconds' => $cue['seconds'],
                'says' => new Message('day.field_card.to_kelvin', ['kelvin' => $kelvin]), 'to' => new Message('day.field_card.kelvin', ['kelvin' => $kelvin])];
        }
        usort($cues, static fn (array $a, array $b): int => $a['photo'] <=> $b['photo']);

        return $cues;
    }

    /** "20:14:30, after photo 12": by the clock where it is known. */
    public static function when(Shot $shot, float $seconds, int $photo): Message
    {
        $first = $shot->plan->firstTrigger();
        $clock = $first === null ? null : $shot->plan->site?->day->clockAndDay($first->plusSeconds($seconds));

        return new Message('day.field_card.clock_photo', [
            'clock' => $clock ?? new Message('day.field_card.after', ['seconds' => Quantity::duration($seconds)]),
            'photo' => $photo,
        ]);
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
