<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Values\InvalidInput;

/**
 * T15: daylight over-exposes the shutter, dragged ones most of all: how many stops of neutral density it takes.
 */
final class DaylightOverexposes implements Check
{
    /** Below this it is dusk or night, and nobody puts a filter on against the moon. */
    private const DAYLIGHT_EV = 6.0;

    /** Beyond this, diffraction softens more than it saves. */
    private const SMALLEST_APERTURE = 16.0;

    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        $bright = $light?->photosOut($shot->plan->thresholds->lightStops, true) ?? [];
        // Where others come out too dark, the light changes more than the exposures follow: T23 says so, once.
        if ($light === null || $bright === [] || $light->photosOut($shot->plan->thresholds->lightStops, false) !== []) {
            return null;
        }
        $most = $light->brightest();
        $n = (int) array_search($most, $light->errors, true);
        $share = $light->exposures[$n] / $shot->schedule->intervalSeconds[$n];
        $byDay = $light->light->kind->daylightEnters() && $light->exposureValues[$n] >= self::DAYLIGHT_EV;
        $dragged = $byDay && $share >= $shot->plan->thresholds->draggedShare;

        return (new Finding(
            FindingId::DaylightOverexposes,
            $dragged ? new Message('checks.daylight_overexposes.dragged') : new Message('checks.daylight_overexposes.bright'),
            new Message('checks.daylight_overexposes.shortfall', ['stops' => Quantity::stops($most)]),
            new Message('checks.daylight_overexposes.sentence', [
                'n' => $n + 1,
                'exposureValues' => Quantity::rounded($light->exposureValues[$n], 1),
                'suits' => ExposureTold::suits($light, $n),
                'stops' => Quantity::stops($most),
                'part' => $byDay ? new Message('checks.daylight_overexposes.density', [
                    'density' => Quantity::rounded(NeutralDensity::density(max(0.0, $most)), 1),
                ]) : '',
            ]),
            $bright[0] + 1,
            count($bright),
            static fn (): array => array_values(array_filter([
                $byDay ? self::filter($shot, $light->light, $most) : null,
                self::lowerIso($shot, $light),
                self::stoppedDown($shot, $light->light, $most),
                LightMending::ramp($shot),
                self::shorter($shot, $light, $most),
                LightMending::anotherStart($shot),
            ])),
        ))->withSeverity(self::isLost($light, $shot->plan->thresholds->lightStops) ? Severity::Error : Severity::Warning);
    }

    /** A photo is lost where its highlights are gone: far brighter than wanted, and than a meter would have it. */
    private static function isLost(ShotLight $light, float $most): bool
    {
        $predicted = $light->predicted();
        foreach ($light->errors as $n => $error) {
            if ($error > 2.0 * $most && $predicted[$n] > 2.0 * $most) {
                return true;
            }
        }

        return false;
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
                ? new Message('checks.daylight_overexposes.nd', ['stops' => Quantity::stops($stops)])
                : new Message('checks.daylight_overexposes.filters', [
                    'x' => array_map(
                        static fn (float $one): Message => new Message('checks.daylight_overexposes.nd_of', ['stops' => Quantity::stops($one)]),
                        $picked->stops,
                    ),
                ]),
            Joined::of([
                $picked !== null && count($picked->stops) > 1 ? new Message('checks.daylight_overexposes.corners') : '',
                abs($left) < 0.05 ? '' : new Message(
                    $left > 0.0 ? 'checks.daylight_overexposes.still_over' : 'checks.daylight_overexposes.too_dark',
                    ['stops' => Quantity::stops(abs($left))],
                ),
            ]),
            $mended,
        );
    }

    /** The ISO that brings the photos nearest to what is wanted. */
    private static function lowerIso(Shot $shot, ShotLight $found): ?Remedy
    {
        $light = $found->light;
        if ($light->isoChanges !== []) {
            return null;
        }
        $off = ($found->brightest() + $found->darkest()) / 2.0;
        $darker = static fn (float $iso): float => log(Exposure::trueIso($light->iso) / Exposure::trueIso($iso), 2);
        $best = $light->iso;
        foreach ($light->isos as $iso) {
            $best = $iso < $light->iso && abs($off - $darker($iso)) < abs($off - $darker($best)) ? $iso : $best;
        }
        $mended = $best >= $light->iso ? null : self::tried(
            $shot,
            static fn (): Plan => $shot->plan->with(['light' => $light->with(['iso' => $best])]),
        );

        return $mended === null ? null : new Remedy(
            'iso',
            new Message('checks.daylight_overexposes.iso', ['best' => Quantity::number($best)]),
            new Message('checks.daylight_overexposes.darker', ['stops' => Quantity::stops($darker($best))]),
            $mended,
        );
    }

    private static function shorter(Shot $shot, ShotLight $light, float $most): ?Remedy
    {
        $factor = 2.0 ** -$most;
        $mended = self::tried($shot, static fn (): ?Plan => Exposing::changed(
            $shot->plan,
            static fn (float $seconds): float => max($light->light->shortestSeconds, $seconds * $factor),
            true,
        ));
        $exposure = $shot->plan->timing->exposure;

        return $mended === null ? null : new Remedy(
            'exposure',
            $exposure->isConstant()
                ? new Message('fixes.expose', ['told' => Exposing::told($mended, $mended->timing->exposure->longest())])
                : new Message('fixes.shorten_exposures', [
                    'stops' => Quantity::stops(log($exposure->longest() / $mended->timing->exposure->longest(), 2)),
                ]),
            new Message('checks.daylight_overexposes.no_filter'),
            $mended,
        );
    }

    /** One setting for all of it, where the light hardly changes. */
    private static function stoppedDown(Shot $shot, Light $light, float $most): ?Remedy
    {
        $needed = $light->aperture * 2.0 ** ($most / 2.0);
        $aperture = $needed > self::SMALLEST_APERTURE ? null : Marks::apertureFrom($needed);
        $mended = $aperture === null || $aperture <= $light->aperture
            ? null
            : self::tried($shot, static fn (): Plan => $shot->plan->with(['light' => $light->with(['aperture' => $aperture])]));

        return $mended === null ? null : new Remedy(
            'aperture',
            new Message('checks.daylight_overexposes.stop_down', ['aperture' => Quantity::number($aperture)]),
            new Message('checks.daylight_overexposes.dust'),
            $mended,
        );
    }

    /**
     * @param callable(): ?Plan $change
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
        $light = $plan === null ? null : $shot->after($plan)->light();

        return $light !== null && $light->photosOut($shot->plan->thresholds->lightStops, true) === [] ? $plan : null;
    }
}
