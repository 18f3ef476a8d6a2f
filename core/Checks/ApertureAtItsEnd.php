<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;

/**
 * F3: by shutter priority the aperture follows the light as far as it goes; from its end on the picture gets dark or bright.
 */
final class ApertureAtItsEnd implements Check
{
    /** More than a third of a stop is seen. */
    private const SEEN_STOPS = 1.0 / 3.0;

    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        if ($light === null || $light->light->control !== Control::ShutterPriority) {
            return null;
        }
        $worst = $light->worstMissed();
        $isDark = $worst < 0.0;
        $out = $light->photosMissed(self::SEEN_STOPS, !$isDark);
        if ($out === []) {
            return null;
        }
        $first = $out[0];

        return (new Finding(
            FindingId::ApertureAtItsEnd,
            $isDark ? new Message('checks.aperture_at_its_end.wide_open') : new Message('checks.aperture_at_its_end.closed'),
            new Message($isDark ? 'checks.aperture_at_its_end.under' : 'checks.aperture_at_its_end.over', ['stops' => Quantity::stops(abs($worst))]),
            new Message('checks.aperture_at_its_end.sentence', [
                'apertures' => Quantity::number($light->apertures[$first]),
                'first' => $first + 1,
            ]),
            $first + 1,
            count($out),
            static fn (): array => array_values(array_filter([
                LightMending::ramp($shot) ?? LightMending::openedRamp($shot),
                self::byIso($shot, $light),
                self::filtered($shot, $light),
            ])),
        ))->withSeverity(abs($worst) > 2.0 * $shot->plan->thresholds->lightStops ? Severity::Error : Severity::Warning);
    }

    /** The lowest ISO that keeps the lens off its end all along. */
    private static function byIso(Shot $shot, ShotLight $light): ?Remedy
    {
        $isos = array_filter(
            $light->light->isos,
            static fn (float $iso): bool => $iso > $light->light->iso && $iso <= ($light->light->highestIso ?? INF),
        );
        foreach ($light->light->isoChanges === [] ? $isos : [] as $iso) {
            $mended = $shot->plan->with(['light' => $light->light->with(['iso' => $iso])]);
            $found = $shot->after($mended)->light();
            if ($found?->photosMissed(self::SEEN_STOPS, true) === [] && $found->photosMissed(self::SEEN_STOPS, false) === []) {
                return new Remedy(
                    'iso',
                    new Message('checks.aperture_at_its_end.iso', ['iso' => Quantity::number($iso)]),
                    new Message('checks.aperture_at_its_end.noise'),
                    $mended,
                );
            }
        }

        return null;
    }

    /** Glass from the bag that keeps the lens off its smallest opening. */
    private static function filtered(Shot $shot, ShotLight $light): ?Remedy
    {
        $stops = $light->worstMissed();
        $picked = $stops > 0.0 ? array_sum(NeutralDensity::pick($stops + self::SEEN_STOPS, $light->light->filters)->stops) : 0.0;
        if ($picked <= 0.0) {
            return null;
        }
        $mended = $shot->plan->with(['light' => $light->light->with(['ndStops' => $light->light->ndStops + $picked])]);
        $found = $shot->after($mended)->light();

        return $found?->photosMissed(self::SEEN_STOPS, true) === [] && $found->photosMissed(self::SEEN_STOPS, false) === []
            ? new Remedy('nd', new Message('checks.aperture_at_its_end.filter', ['stops' => Quantity::stops($picked)]), '', $mended)
            : null;
    }
}
