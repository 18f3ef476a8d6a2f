<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\Labelled;
use Evrent\Words\Words;

/**
 * What a part of a shot says in one line, while it is folded away.
 */
final class InShort
{
    /**
     * @param class-string<\BackedEnum> $enum whose cases have labels
     *
     * @return array<string, Text|string> by value, not set first
     */
    public static function options(string $enum, ?string $notSaid = null): array
    {
        $notSaid ??= Words::of('common.not_set');
        $options = ['' => $notSaid];
        foreach ($enum::cases() as $one) {
            $options[(string) $one->value] = $one instanceof Labelled ? $one->label() : (string) $one->value;
        }

        return $options;
    }

    public static function limits(Plan $plan): string
    {
        $units = app(Settings::class)->units;

        $limits = static fn (Axis $axis): string => match (true) {
            !$axis->isEndless => Words::of(
                'app.in_short.limits',
                axis: $axis->label(),
                from: $units->axisText($axis->kind, $axis->min),
                to: $units->axisText($axis->kind, $axis->max),
                speed: $units->speedText($axis->kind, $axis->maxSpeed),
            ),
            $axis->clockworkPerHour === null => Words::of(
                'app.in_short.endless',
                axis: $axis->label(),
                speed: $units->speedText($axis->kind, $axis->maxSpeed),
            ),
            default => Words::of(
                'app.in_short.endless',
                axis: $axis->label(),
                speed: Words::of('app.in_short.per_hour', travel: $units->axisText($axis->kind, $axis->clockworkPerHour)),
            ),
        };

        return implode('; ', array_map($limits, $plan->rig->axes));
    }

    /**
     * @param array<string, string> $texts by pointer
     */
    public static function rigTimes(array $texts): string
    {
        return Words::of(
            'app.in_short.times',
            settle: $texts['/rig/settle_s'],
            lag: $texts['/camera/shutter_lag_s'],
            write: $texts['/camera/write_s'],
            buffer: $texts['/camera/buffer_frames'],
        );
    }

    /**
     * @param array<string, string> $texts by pointer
     */
    public static function lightFollowed(Light $light, array $texts): string
    {
        return Words::of(
            'app.in_short.followed',
            part: $light->control === Control::AperturePriority ? Words::of('app.in_short.meter') : Words::of('app.in_short.plan'),
            shortest: $texts['/light/shortest_s'],
            longest: $texts['/light/longest_s'],
            part2: $texts['/light/stepless'] === '1' ? Words::of('app.in_short.stepless') : Words::of('app.in_short.thirds'),
        );
    }

    /**
     * @param array<string, string> $skies of the place, by what stands in the field
     * @param array<string, string> $texts by pointer
     */
    public static function lightThere(Light $light, array $skies, array $texts): string
    {
        $sky = $texts['/site/sky_mag'] ?? '';

        return implode(', ', array_filter([
            $sky === '' ? '' : Words::of('app.in_short.night_sky', skies: $skies[$sky] ?? $sky),
            $light->lampsLux > 0.0 ? Words::of('app.in_short.lamps', lux: $texts['/light/lamps_lux']) : Words::of('app.in_short.no_lamps'),
            $light->metered === null ? '' : Words::of('app.in_short.calibrated'),
        ], static fn (string $part): bool => $part !== ''));
    }

    /** How the move eases. */
    public static function ease(Plan $plan): string
    {
        $ease = $plan->move->easing;

        return Words::of(
            'app.in_short.ease',
            shape: $ease->shape->label(),
            rampIn: Quantity::percent($ease->rampIn),
            rampOut: Quantity::percent($ease->rampOut),
            part: $plan->move->oneWayPhotos === null ? '' : Words::of('app.in_short.back_forth', photos: Quantity::photos($plan->move->oneWayPhotos)),
        );
    }

    /** What varies along the run. */
    public static function keys(Plan $plan): string
    {
        return Words::of(match ([!$plan->timing->interval->isConstant(), !$plan->timing->exposure->isConstant()]) {
            [true, true] => 'app.in_short.both_vary',
            [true, false] => 'app.in_short.interval_varies',
            [false, true] => 'app.in_short.exposure_varies',
            default => 'app.in_short.constant',
        });
    }
}
