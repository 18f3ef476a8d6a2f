<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Words\PlainText;

/**
 * What to set on site, in one line: "312 photos, one every 8 s, open 1/13 … 3.77 s, f/5.6, ISO 100, ND of 3 stops".
 */
final class SettingsText
{
    public static function of(Schedule $schedule): string
    {
        $plan = $schedule->plan;
        $film = FilmFacts::of($schedule);
        $told = [
            match ($film?->kind) {
                FilmKind::SpedUp => PlainText::duration($film->filmSeconds) . ' of video at ' . PlainText::rounded($film->framesPerSecond, 2) . ' fps',
                FilmKind::InCamera => PlainText::counted($film->frames, 'frame', 0) . ' of the camera’s own film',
                null => PlainText::photos($schedule->summary->photosTotal),
            },
            $film?->kind === FilmKind::SpedUp ? sprintf('sped up %s times', PlainText::rounded($film->speedUp, 1)) : ($plan->timing->mode->hasClock() ? sprintf(
                '%s %s s',
                $plan->timing->intervalMeans === IntervalMeaning::Gap ? 'with gaps of' : 'one every',
                self::keyed(array_column($plan->timing->interval->keys, 'seconds'), PlainText::number(...)),
            ) : 'each when you say'),
            sprintf('open %s s', self::keyed(array_column($plan->timing->exposure->keys, 'seconds'), PlainText::shutter(...))),
        ];
        if ($plan->light !== null) {
            $assumed = static fn (string $pointer): string => $plan->provenance->isAssumed($pointer) ? ' (assumed)' : '';
            $told[] = 'f/' . PlainText::rounded($plan->light->aperture, 1) . $assumed('/light/aperture');
            $told[] = 'ISO ' . PlainText::number($plan->light->iso) . $assumed('/light/iso');
            $told[] = $plan->light->ndStops > 0.0 ? 'ND of ' . PlainText::stops($plan->light->ndStops) : '';
        }

        return implode(', ', array_filter($told, static fn (string $one): bool => $one !== ''));
    }

    /**
     * @param list<float>             $seconds key by key
     * @param callable(float): string $written
     */
    private static function keyed(array $seconds, callable $written): string
    {
        $words = array_map($written, $seconds);

        return count($words) > 2 ? "{$words[0]} … " . $words[count($words) - 1] : implode(' → ', array_unique($words));
    }
}
