<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\ExposureKeys;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Values\InvalidInput;

/**
 * Changes that bring photos back to the brightness they are to have. Each is tried before it is offered.
 */
final class LightMending
{
    private const SHIFT_STEP_SECONDS = 300;
    private const MOST_SHIFT_STEPS = 72;
    private const CURVE_STEP_SECONDS = 600;
    /** A shot of more than a week meets every hour of the day, whenever it starts. */
    private const LONGEST_MOVED_SECONDS = 604_800.0;
    private const HIGH_ISOS = [8_000.0, 10_000.0, 12_800.0, 16_000.0, 20_000.0, 25_600.0];

    /** How many starts are checked in full among those that a rough check lets pass. */
    private const MOST_FULL_CHECKS = 3;

    /** Shares of the shot at which a rough look is taken. */
    private const SAMPLED = [0.0, 1.0, 0.5, 0.25, 0.75, 0.125, 0.375, 0.625, 0.875];

    /** Whether no photo of a plan is out by more than its threshold. */
    public static function isRight(Shot $shot): bool
    {
        $light = $shot->light();
        $most = $shot->plan->thresholds->lightStops;

        return $light !== null && $light->photosOut($most, true) === [] && $light->photosOut($most, false) === [];
    }

    /** The method that the body can do: where the camera times the shutter, that is the marks of its dial. */
    private static function school(Shot $shot): School
    {
        return $shot->plan->light?->stepless === false || $shot->plan->camera->exposureTimedBy === TimedBy::Camera
            ? School::ThirdStops
            : School::Stepless;
    }

    /** Exposures that follow the light, in the school that the body can do. */
    public static function ramp(Shot $shot): ?Remedy
    {
        $school = self::school($shot);
        $ramp = $shot->ramp($school);
        if ($ramp === null || abs($ramp->worstError()) > $shot->plan->thresholds->lightStops - ExposureKeys::NEAR_STOPS || $ramp->late !== []) {
            return null;
        }
        try {
            $mended = RampedPlan::by($shot, $school);
        } catch (InvalidInput) {
            return null;
        }
        $exposure = $mended?->timing->exposure;
        if ($exposure?->isConstant() === true) {
            // One setting for all is set on the dial.
            $mended = Exposing::changed($mended, static fn (float $seconds): float => $seconds, false);
        }
        if ($mended === null || !self::isRight($shot->after($mended))) {
            return null;
        }
        $keys = array_column($mended->timing->exposure->keys, 'seconds');
        $isRamp = count($keys) > 1;

        return new Remedy(
            'ramp',
            $isRamp
                ? new Message('checks.light_mending.ramp', [
                    'keys' => Quantity::shutter($keys[0]),
                    'keys2' => Quantity::shutter($keys[count($keys) - 1]),
                ])
                : new Message('fixes.expose', ['told' => Exposing::told($mended, $keys[0])]),
            new Message(
                $isRamp && $shot->plan->light?->isAttended === true ? 'checks.light_mending.iso_by_hand' : 'checks.light_mending.iso',
                ['isos' => Quantity::between(min($ramp->isos), max($ramp->isos))],
            ),
            $mended,
        );
    }

    /** As ramp, with a wider aperture or more ISO where the limits are what keeps it from following. */
    public static function openedRamp(Shot $shot): ?Remedy
    {
        $light = $shot->plan->light;
        $worst = $shot->ramp(self::school($shot))?->worstError();
        if ($light === null || $worst === null || $worst >= 0.0) {
            return null;
        }
        $missing = -$worst - $shot->plan->thresholds->lightStops / 2.0;
        $aperture = Marks::apertureFrom(max($light->widest(), $light->aperture / 2.0 ** ($missing / 2.0))) ?? $light->aperture;
        $highest = $light->highestIso ?? 0.0;
        $isos = array_values(array_unique([
            ...$light->isos,
            ...array_filter(self::HIGH_ISOS, static fn (float $iso): bool => $iso > max([0.0, ...$light->isos]) && $iso <= $highest),
        ]));
        foreach ([[$aperture, $light->isos], [$light->aperture, $isos], [$aperture, $isos]] as [$wider, $more]) {
            $opener = $light->with(['aperture' => $wider, 'isos' => $more]);
            if ($wider > $light->aperture || !self::reachesDarkest($shot, $opener)) {
                continue;
            }
            $ramped = self::ramp($shot->after($shot->plan->with(['light' => $opener])));
            if ($ramped !== null) {
                $opened = $wider < $light->aperture
                    ? new Message('checks.light_mending.open', ['wider' => Quantity::number($wider)])
                    : new Message('checks.light_mending.iso_to', ['x' => Quantity::number(max([0.0, ...$ramped->mended->light->isos ?? []]))]);

                return new Remedy(
                    'ramp',
                    new Message('checks.light_mending.opened_ramp', ['opened' => $opened]),
                    new Message('checks.light_mending.opened_remark', ['remark' => $ramped->remark]),
                    $ramped->mended,
                );
            }
        }

        return null;
    }

    /** Whether limits leave room for the darkest photo: where they do not, no ramp need be tried. */
    private static function reachesDarkest(Shot $shot, Light $light): bool
    {
        $values = $shot->light()->exposureValues ?? [];
        if ($values === []) {
            return false;
        }
        $n = (int) array_search(min($values), $values, true);
        $longest = min($light->longestSeconds, $shot->exposureRoom()[$n]);
        // In thirds the shutter goes up to a mark's true time, which is a little more.
        $most = log(max(1e-9, $longest) * Exposure::trueIso($light->isos[count($light->isos) - 1]) / 100.0, 2) + 1.0 / 3.0;

        return ShotLight::wantedStops($light, $values[$n]) - $most <= $shot->plan->thresholds->lightStops;
    }

    /** The same shot at the nearest other time at which its settings hold. */
    public static function anotherStart(Shot $shot): ?Remedy
    {
        $light = $shot->light();
        $site = $shot->plan->site;
        $sky = $shot->sky();
        if ($light === null || $site === null || $sky === null || $light->light->control !== Control::Manual) {
            return null;
        }
        $day = Daylight::over($site, $light->light, $sky->sky);
        $look = ShotLight::looks($shot)(0);
        $reach = self::MOST_SHIFT_STEPS * self::SHIFT_STEP_SECONDS;
        $last = count($sky->unixSeconds) - 1;
        if ($sky->unixSeconds[$last] - $sky->unixSeconds[0] > self::LONGEST_MOVED_SECONDS) {
            return null;
        }
        $curve = [];
        $from = $sky->unixSeconds[0] - $reach;
        for ($at = $from; $at <= $sky->unixSeconds[$last] + $reach + self::CURVE_STEP_SECONDS; $at += self::CURVE_STEP_SECONDS) {
            $curve[] = $day->exposureValue(new Instant($at), $look);
        }
        $at = static function (float $unix) use ($curve, $from): float {
            $k = ($unix - $from) / self::CURVE_STEP_SECONDS;
            $i = min(count($curve) - 2, max(0, (int) floor($k)));

            return $curve[$i] + ($curve[$i + 1] - $curve[$i]) * ($k - $i);
        };
        $most = $shot->plan->thresholds->lightStops;
        $photos = array_values(array_unique(array_map(static fn (float $share): int => (int) round($share * $last), self::SAMPLED)));

        return self::restarted($shot, static function (float $shift) use ($at, $sky, $light, $photos, $most): bool {
            foreach ($photos as $n) {
                if (abs($light->errors[$n] + $at($sky->unixSeconds[$n] + $shift) - $at($sky->unixSeconds[$n])) > $most) {
                    return false;
                }
            }

            return true;
        }, self::isRight(...), '');
    }

    /**
     * The shot at the nearest other time that passes.
     *
     * @param callable(float): bool    $mayPass whether a start so many seconds later is worth a look
     * @param callable(Shot): bool $passes
     */
    public static function restarted(Shot $shot, callable $mayPass, callable $passes, Text|string $costs): ?Remedy
    {
        $plan = $shot->plan;
        $starts = $plan->site === null ? null : $plan->start?->instant($plan->site);
        if ($starts === null) {
            return null;
        }
        $fullChecks = 0;
        for ($step = 1; $step <= self::MOST_SHIFT_STEPS && $fullChecks < self::MOST_FULL_CHECKS; $step++) {
            foreach ([-$step, $step] as $shift) {
                $to = $starts->plusSeconds($shift * self::SHIFT_STEP_SECONDS);
                $within = $to->unixSeconds >= $plan->site->day->begins->unixSeconds && $to->unixSeconds < $plan->site->day->next()->ends->unixSeconds;
                if (!$within || !$mayPass($shift * self::SHIFT_STEP_SECONDS)) {
                    continue;
                }
                $fullChecks++;
                try {
                    $moved = $plan->with(['start' => $plan->start->movedTo($plan->site, $to)]);
                } catch (InvalidInput) {
                    continue;
                }
                if ($passes($shot->after($moved))) {
                    return new Remedy(
                        'start',
                        new Message('checks.light_mending.start', ['clockAndDay' => $plan->site->day->clockAndDay($to)]),
                        $costs,
                        $moved,
                    );
                }
            }
        }

        return null;
    }
}
