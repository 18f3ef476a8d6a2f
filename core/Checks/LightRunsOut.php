<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Values\InvalidInput;

/**
 * T23: the light runs out, or changes beyond what the exposures follow, before the end.
 */
final class LightRunsOut implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        $dark = $light?->photosOut($shot->plan->thresholds->lightStops, false) ?? [];
        if ($light === null || $dark === []) {
            return null;
        }
        $last = count($light->errors) - 1;
        $worst = $light->darkest();
        $atEnd = $dark[count($dark) - 1] === $last && $dark[0] > 0;
        $n = (int) array_search($worst, $light->errors, true);
        $most = $light->brightest();
        $isBoth = $most > $shot->plan->thresholds->lightStops;

        return (new Finding(
            FindingId::LightRunsOut,
            match (true) {
                $isBoth => new Message('checks.light_runs_out.changes'),
                $atEnd => new Message('checks.light_runs_out.runs_out'),
                default => new Message('checks.light_runs_out.dark'),
            },
            new Message('checks.light_runs_out.shortfall', [
                'stops' => Quantity::stops(-$worst),
                'part' => $isBoth ? new Message('checks.light_runs_out.over', ['stops' => Quantity::stops($most)]) : '',
            ]),
            new Message('checks.light_runs_out.sentence', [
                'lightTold' => self::lightTold($light->exposureValues[0], $light->exposureValues[$last]),
                'n' => $n + 1,
                'exposureValues' => Quantity::rounded($light->exposureValues[$n], 1),
                'suits' => ExposureTold::suits($light, $n),
                'stops' => Quantity::stops(-$worst),
            ]),
            $dark[0] + 1,
            count($dark),
            static fn (): array => array_values(array_filter([
                LightMending::ramp($shot) ?? LightMending::openedRamp($shot),
                self::filterOff($shot, $light->light),
                self::steady($shot, $light),
                LightMending::anotherStart($shot),
            ])),
        ))->withSeverity(self::isLost($light, $shot->plan->thresholds->lightStops) ? Severity::Error : Severity::Warning);
    }

    private static function filterOff(Shot $shot, Light $light): ?Remedy
    {
        $mended = $shot->plan->with(['light' => $light->with(['ndStops' => 0.0])]);

        return $light->ndStops > 0.0 && LightMending::isRight($shot->after($mended))
            ? new Remedy(
                'nd',
                new Message('checks.light_runs_out.filter_off'),
                new Message('checks.light_runs_out.brighter', ['stops' => Quantity::stops($light->ndStops)]),
                $mended,
            )
            : null;
    }

    private static function lightTold(float $first, float $last): Message
    {
        [$from, $to] = [Quantity::rounded($first, 1), Quantity::rounded($last, 1)];

        return round($first, 1) === round($last, 1) ? new Message('checks.light_runs_out.steady', ['from' => $from]) : new Message(
            'checks.light_runs_out.going',
            ['from' => $from, 'to' => $to],
        );
    }

    /** A photo is lost where it is both far off what is wanted and far off what a meter would have, the same way: night may be dark. */
    private static function isLost(ShotLight $light, float $most): bool
    {
        $predicted = $light->predicted();
        foreach ($light->errors as $n => $error) {
            if (abs($error) > 2.0 * $most && $error * $predicted[$n] > 0.0 && abs($predicted[$n]) > 2.0 * $most) {
                return true;
            }
        }

        return false;
    }

    /**
     * Light that hardly changes is met by one setting: a longer shutter where interval and stars have room for it, else a wider aperture,
     * more ISO, or both.
     */
    private static function steady(Shot $shot, ShotLight $light): ?Remedy
    {
        $most = $shot->plan->thresholds->lightStops;
        if ($light->brightest() - $light->darkest() > 2.0 * $most || $light->light->control !== Control::Manual) {
            return null;
        }
        $off = -($light->brightest() + $light->darkest()) / 2.0;

        return self::longer($shot, $light->light, $off) ?? self::opened($shot, $light, $off);
    }

    private static function longer(Shot $shot, Light $light, float $off): ?Remedy
    {
        $exposed = self::tried($shot, static fn (): ?Plan => Exposing::changed(
            $shot->plan,
            static fn (float $seconds): float => $seconds * 2.0 ** $off,
            false,
        ));
        $longer = $exposed?->timing->exposure;
        if ($longer === null || $longer->longest() > min([$light->longestSeconds, ...$shot->exposureRoom()])) {
            return null;
        }
        $trails = $shot->after($exposed)->stars()?->photosOver($shot->plan->thresholds->trailPixels) ?? [];
        if ($trails !== [] && ($shot->stars()?->photosOver($shot->plan->thresholds->trailPixels) ?? []) === []) {
            return null;
        }

        return new Remedy(
            'exposure',
            $longer->isConstant()
                ? new Message('fixes.expose', ['told' => Exposing::told($exposed, $longer->longest())])
                : new Message('checks.light_runs_out.lengthen', ['stops' => Quantity::stops($off)]),
            '',
            $exposed,
        );
    }

    /** The widest aperture that is needed before ISO goes up: noise costs more than depth where nothing is near. */
    private static function opened(Shot $shot, ShotLight $found, float $off): ?Remedy
    {
        $light = $found->light;
        $most = $shot->plan->thresholds->lightStops;
        if ($light->isoChanges !== []) {
            return null;
        }
        $widest = Marks::apertureFrom(max($light->widest(), $light->aperture / 2.0 ** ($off / 2.0))) ?? $light->aperture;
        $isos = array_filter($light->isos, static fn (float $iso): bool => $iso >= $light->iso && $iso <= ($light->highestIso ?? INF));
        foreach ([$light->aperture, min($widest, $light->aperture)] as $aperture) {
            foreach ($isos as $iso) {
                $brighter = log(Exposure::trueIso($iso) / Exposure::trueIso($light->iso), 2) + 2.0 * log($light->aperture / $aperture, 2);
                if ($found->darkest() + $brighter < -$most || $found->brightest() + $brighter > $most) {
                    continue;
                }
                $mended = self::tried(
                    $shot,
                    static fn (): Plan => $shot->plan->with(['light' => $light->with(['iso' => $iso, 'aperture' => $aperture])]),
                );
                if ($mended !== null) {
                    return new Remedy(
                        'iso',
                        match (true) {
                            $aperture >= $light->aperture => new Message('checks.light_runs_out.raise_iso', ['iso' => $iso]),
                            $iso <= $light->iso => new Message('checks.light_runs_out.open', ['aperture' => $aperture]),
                            default => new Message('checks.light_runs_out.open_and_iso', ['aperture' => $aperture, 'iso' => $iso]),
                        },
                        Joined::of([
                            $iso > $light->iso ? new Message('checks.light_runs_out.noise') : '',
                            $aperture < $light->aperture ? new Message('checks.light_runs_out.depth') : '',
                        ], Joined::AND),
                        $mended,
                    );
                }
            }
        }

        return null;
    }

    /**
     * @param callable(): ?Plan $change
     */
    private static function tried(Shot $shot, callable $change): ?Plan
    {
        try {
            $plan = $change();
        } catch (InvalidInput) {
            return null;
        }

        return $plan !== null && LightMending::isRight($shot->after($plan)) ? $plan : null;
    }
}
