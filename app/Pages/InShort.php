<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Light;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\Labelled;
use Evrent\Core\Words\PlainText;

/**
 * What a part of a shot says in one line, while it is folded away.
 */
final class InShort
{
    /**
     * @param class-string<\BackedEnum> $enum whose cases have labels
     *
     * @return array<string, string> by value, not said first
     */
    public static function options(string $enum, string $notSaid = 'not said'): array
    {
        $options = ['' => $notSaid];
        foreach ($enum::cases() as $one) {
            $options[(string) $one->value] = $one instanceof Labelled ? $one->label() : (string) $one->value;
        }

        return $options;
    }

    public static function limits(Plan $plan): string
    {
        $units = app(Settings::class)->units;

        return implode('; ', array_map(static fn (Axis $axis): string => $axis->isEndless ? sprintf(
            '%s without end at %s',
            $axis->id,
            $axis->clockworkPerHour === null
                ? $units->speedText($axis->kind, $axis->maxSpeed)
                : $units->axisText($axis->kind, $axis->clockworkPerHour) . ' an hour',
        ) : sprintf(
            '%s %s to %s at %s',
            $axis->id,
            $units->axisText($axis->kind, $axis->min),
            $units->axisText($axis->kind, $axis->max),
            $units->speedText($axis->kind, $axis->maxSpeed),
        ), $plan->rig->axes));
    }

    /**
     * @param array<string, string> $texts by pointer
     */
    public static function rigTimes(array $texts): string
    {
        return sprintf(
            'settles %s s, lag %s s, writes %s s, buffer %s photos',
            $texts['/rig/settle_s'],
            $texts['/camera/shutter_lag_s'],
            $texts['/camera/write_s'],
            $texts['/camera/buffer_frames'],
        );
    }

    /**
     * @param array<string, string> $texts by pointer
     */
    public static function lightFollowed(Light $light, array $texts): string
    {
        return sprintf(
            '%s the shutter, %s to %s s, %s',
            $light->control === Control::AperturePriority ? 'the camera’s meter sets' : 'this plan sets',
            $texts['/light/shortest_s'],
            $texts['/light/longest_s'],
            $texts['/light/stepless'] === '1' ? 'without steps' : 'in thirds',
        );
    }

    /**
     * @param array<string, string> $skies of the place, by what stands in the field
     * @param array<string, string> $texts by pointer
     */
    public static function lightThere(Light $light, array $skies, array $texts): string
    {
        $sky = $texts['/site/sky_mag'] ?? '';

        return PlainText::sentenceOf([
            $sky === '' ? '' : 'night sky ' . ($skies[$sky] ?? $sky),
            $light->lampsLux > 0.0 ? "{$texts['/light/lamps_lux']} lux of lamps" : 'no lamps',
            $light->metered === null ? '' : 'pinned to a meter',
        ], ', ');
    }

    /** How the move eases. */
    public static function ease(Plan $plan): string
    {
        $ease = $plan->move->easing;

        return sprintf(
            '%s, ramps of %s %% in and %s %% out%s',
            $ease->shape->value,
            PlainText::percent($ease->rampIn),
            PlainText::percent($ease->rampOut),
            $plan->move->oneWayPhotos === null ? '' : ', back and forth every ' . PlainText::photos($plan->move->oneWayPhotos),
        );
    }

    /** What varies along the run. */
    public static function keys(Plan $plan): string
    {
        $varies = array_keys(array_filter([
            'interval' => !$plan->timing->interval->isConstant(), 'exposure' => !$plan->timing->exposure->isConstant(),
        ]));

        return $varies === [] ? 'interval and exposure stay' : PlainText::listed($varies) . (count($varies) > 1 ? ' change' : ' changes');
    }
}
