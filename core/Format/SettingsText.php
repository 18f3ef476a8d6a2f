<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * What to set on site, in one line: "312 photos, interval 8 s, open 1/13 … 3.77 s, f/5.6, ISO 100, ND of 3 stops".
 */
final class SettingsText
{
    public static function of(Schedule $schedule): Text|string
    {
        $plan = $schedule->plan;
        $film = FilmFacts::of($schedule);
        $said = [
            match ($film?->kind) {
                FilmKind::SpedUp => new Message('day.settings.video', [
                    'duration' => Quantity::duration($film->filmSeconds), 'rate' => Quantity::rounded($film->framesPerSecond, 2),
                ]),
                FilmKind::InCamera => new Message('day.settings.camera_video', ['frames' => Quantity::counted($film->frames, 'frame', 0)]),
                null => Quantity::photos($schedule->summary->photosTotal),
            },
            match (true) {
                $film?->kind === FilmKind::SpedUp => new Message('day.settings.sped_up', ['times' => Quantity::rounded($film->speedUp, 1)]),
                $plan->timing->mode->hasClock() => new Message(
                    $plan->timing->intervalMeans === IntervalMeaning::Gap ? 'day.settings.pause' : 'day.settings.interval',
                    ['seconds' => self::keyed(array_column($plan->timing->interval->keys, 'seconds'), Quantity::number(...))],
                ),
                default => new Message('day.settings.on_demand'),
            },
            new Message('day.settings.shutter', ['seconds' => self::keyed(array_column($plan->timing->exposure->keys, 'seconds'), Quantity::shutter(...))]),
        ];
        if ($plan->light !== null) {
            $assumed = static fn (string $pointer, Message $value): Message => $plan->provenance->isAssumed($pointer)
                ? new Message('day.settings.assumed', ['value' => $value])
                : $value;
            $said[] = $assumed('/light/aperture', new Message('units.aperture', ['number' => Quantity::rounded($plan->light->aperture, 1)]));
            $said[] = $assumed('/light/iso', new Message('units.iso', ['number' => Quantity::number($plan->light->iso)]));
            $said[] = $plan->light->ndStops > 0.0 ? new Message('day.settings.nd', ['stops' => Quantity::stops($plan->light->ndStops)]) : null;
        }

        return Joined::of($said, Joined::COMMA);
    }

    /**
     * @param list<float>               $seconds key by key
     * @param callable(float): Quantity $written
     */
    private static function keyed(array $seconds, callable $written): Text|string
    {
        if (count($seconds) > 2) {
            return Joined::of([$written($seconds[0]), ' … ', $written($seconds[count($seconds) - 1])], Joined::PLAIN);
        }
        $seconds = array_values(array_unique($seconds));

        return count($seconds) === 1 ? $written($seconds[0]) : Joined::of([$written($seconds[0] ?? 0.0), ' → ', $written($seconds[1] ?? 0.0)], Joined::PLAIN);
    }
}
