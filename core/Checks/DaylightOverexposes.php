<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

/**
 * T15: daylight over-exposes the shutter, dragged ones most of all: how many stops of neutral density it takes.
 */
final class DaylightOverexposes implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        $bright = $light?->photosOut($shot->plan->thresholds->lightStops, true) ?? [];
        if ($light === null || $bright === []) {
            return null;
        }
        $most = $light->brightest();
        $n = (int) array_search($most, $light->errors, true);
        $share = $light->exposures[$n] / $shot->schedule->intervalSeconds[$n];
        $dragged = $share >= $shot->plan->thresholds->draggedShare;

        return new Finding(
            'T15',
            $most > 2.0 * $shot->plan->thresholds->lightStops ? Severity::Stops : Severity::Look,
            $dragged ? 'Daylight is too bright for the dragged shutter' : 'Photos will be too bright',
            PlainText::rounded($most, 1) . ' stops over',
            sprintf(
                'At photo %d the light is EV %s, and %s s at f/%s and ISO %s is %s stops too much: a filter of density %s holds it.',
                $n + 1,
                PlainText::rounded($light->exposureValues[$n], 1),
                PlainText::shutter($light->exposures[$n]),
                PlainText::rounded($light->light->aperture, 1),
                PlainText::number($light->isos[$n]),
                PlainText::rounded($most, 1),
                PlainText::rounded(NeutralDensity::density(max(0.0, $most)), 1),
            ),
            $bright[0] + 1,
            count($bright),
            static fn (): array => array_values(array_filter([
                self::filter($shot, $light->light, $most),
                self::lowerIso($shot, $light->light),
                LightMending::ramp($shot),
                self::shorter($shot, $light, $most),
            ])),
        );
    }

    private static function filter(Shot $shot, Light $light, float $most): ?Remedy
    {
        $needed = $light->ndStops + $most;
        $picked = $light->filters === [] ? null : NeutralDensity::pick($needed, $light->filters);
        $stops = $picked === null ? ceil($needed - 1e-9) : array_sum($picked->stops);
        $left = $needed - $stops;
        $mended = self::tried($shot, static fn (): Plan => $shot->plan->with(['light' => $light->with(['ndStops' => $stops])]));
        if ($mended === null) {
            return null;
        }

        return new Remedy(
            'nd',
            $picked === null
                ? sprintf('Put on %s stops of ND', PlainText::number($stops))
                : 'Put on the ' . implode(' and the ', array_map(PlainText::number(...), $picked->stops)) . ' stop filter',
            'keeps exposure, blur and interval' . match (true) {
                $picked !== null && count($picked->stops) > 1 => '; two stacked darken a wide lens’s corners',
                default => '',
            } . (abs($left) < 0.05 ? '' : sprintf(
                '; %s stops %s, which aperture or ISO take up',
                PlainText::rounded(abs($left), 1),
                $left > 0.0 ? 'still over' : 'too dark',
            )),
            $mended,
        );
    }

    private static function lowerIso(Shot $shot, Light $light): ?Remedy
    {
        $lowest = $light->isos[0];
        if ($light->isoChanges !== [] || $lowest >= $light->iso) {
            return null;
        }
        $mended = self::tried($shot, static fn (): Plan => $shot->plan->with(['light' => $light->with(['iso' => $lowest])]));

        return $mended === null ? null : new Remedy(
            'iso',
            sprintf('Go down to ISO %s', PlainText::number($lowest)),
            sprintf('%s stops darker; keeps exposure and interval', PlainText::rounded(log(Exposure::trueIso($light->iso) / Exposure::trueIso($lowest), 2), 1)),
            $mended,
        );
    }

    private static function shorter(Shot $shot, ShotLight $light, float $most): ?Remedy
    {
        $factor = 2.0 ** -$most;
        $mended = self::tried($shot, static fn (): Plan => $shot->plan->withExposure(
            $shot->plan->timing->exposure->map(static fn (float $seconds): float => max($light->light->shortestSeconds, $seconds * $factor)),
        ));

        return $mended === null ? null : new Remedy(
            'exposure',
            sprintf('Shorten every exposure by %s stops', PlainText::rounded($most, 1)),
            'needs no filter; the blur goes with it',
            $mended,
        );
    }

    /**
     * @param callable(): Plan $change
     *
     * @return ?Plan null when photos are still too bright then
     */
    private static function tried(Shot $shot, callable $change): ?Plan
    {
        try {
            $plan = $change();
        } catch (InvalidInput) {
            return null;
        }
        $light = $shot->after($plan)->light();

        return $light !== null && $light->photosOut($shot->plan->thresholds->lightStops, true) === [] ? $plan : null;
    }
}
