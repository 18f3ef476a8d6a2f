<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\ExposureRoom;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

/**
 * T23: the light runs out, or changes beyond what the exposures follow, before the end.
 */
final class LightRunsOut implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        $most = $shot->plan->thresholds->lightStops;
        $dark = $light?->photosOut($most, false) ?? [];
        if ($light === null || $dark === []) {
            return null;
        }
        $last = count($light->errors) - 1;
        $worst = $light->darkest();
        $atEnd = $dark[count($dark) - 1] === $last && $dark[0] > 0;

        return new Finding(
            'T23',
            -$worst > 2.0 * $most ? Severity::Stops : Severity::Look,
            $atEnd ? 'The light runs out before the end' : 'Photos will be too dark',
            PlainText::rounded(-$worst, 1) . ' stops under',
            sprintf(
                'The light goes from EV %s to EV %s over the shot; the exposures leave photo %d %s stops too dark%s.',
                PlainText::rounded($light->exposureValues[0], 1),
                PlainText::rounded($light->exposureValues[$last], 1),
                (int) array_search($worst, $light->errors, true) + 1,
                PlainText::rounded(-$worst, 1),
                $light->brightest() > $most ? ' and others too bright' : '',
            ),
            $dark[0] + 1,
            count($dark),
            static fn (): array => array_values(array_filter([
                LightMending::ramp($shot) ?? LightMending::openedRamp($shot),
                self::filterOff($shot, $light->light),
                self::steady($shot, $light),
                LightMending::anotherStart($shot),
            ])),
        );
    }

    private static function filterOff(Shot $shot, Light $light): ?Remedy
    {
        $mended = $shot->plan->with(['light' => $light->with(['ndStops' => 0.0])]);

        return $light->ndStops > 0.0 && LightMending::isRight($shot->after($mended))
            ? new Remedy('nd', 'Take the filter off', sprintf('%s stops brighter; keeps all else', PlainText::rounded($light->ndStops, 1)), $mended)
            : null;
    }

    /** Light that hardly changes is met by one setting: a longer shutter where the interval has room for it, else more ISO. */
    private static function steady(Shot $shot, ShotLight $light): ?Remedy
    {
        $most = $shot->plan->thresholds->lightStops;
        if ($light->brightest() - $light->darkest() > 2.0 * $most || $light->light->control !== Control::Manual) {
            return null;
        }
        $off = -($light->brightest() + $light->darkest()) / 2.0;
        $timing = $shot->plan->timing;
        $exposed = self::tried($shot, static fn (): Plan => $shot->plan->withExposure(
            $timing->exposure->map(static fn (float $seconds): float => round($seconds * 2.0 ** $off, 6)),
        ));
        $longer = $exposed?->timing->exposure;
        if ($longer !== null && $longer->longest() <= min([$light->light->longestSeconds, ...$shot->exposureRoom()])) {
            return new Remedy(
                'exposure',
                $longer->isConstant() ? sprintf('Expose %s s', PlainText::shutter($longer->longest())) : sprintf(
                    'Lengthen every exposure by %s stops',
                    PlainText::rounded($off, 1),
                ),
                'keeps clip and interval',
                $exposed,
            );
        }
        foreach ($light->light->isos as $iso) {
            $brighter = log(Exposure::trueIso($iso) / Exposure::trueIso($light->light->iso), 2);
            $mended = $light->light->isoChanges === [] && $light->darkest() + $brighter >= -$most && $light->brightest() + $brighter <= $most
                ? self::tried($shot, static fn (): Plan => $shot->plan->with(['light' => $light->light->with(['iso' => $iso])]))
                : null;
            if ($mended !== null) {
                return new Remedy('iso', sprintf('Go up to ISO %s', PlainText::number($iso)), 'keeps exposure and interval; more noise', $mended);
            }
        }

        return null;
    }

    /**
     * @param callable(): Plan $change
     */
    private static function tried(Shot $shot, callable $change): ?Plan
    {
        try {
            $plan = $change();
        } catch (InvalidInput) {
            return null;
        }

        return LightMending::isRight($shot->after($plan)) ? $plan : null;
    }
}
