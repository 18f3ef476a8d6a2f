<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\ExposureKeys;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * A plan with the exposures and ISO numbers that a school gives its photos.
 */
final class RampedPlan
{
    /** With gaps, longer exposures move the photos after them into other light: then it is worked out again. */
    private const ROUNDS = 4;

    /**
     * @return ?Plan null where the light of the shot is not known
     *
     * @throws \Evrent\Core\Values\InvalidInput when it cannot be written down in keys
     */
    public static function by(Shot $shot, School $school): ?Plan
    {
        if ($shot->light() === null) {
            return null;
        }
        $plan = $shot->plan;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = self::once($shot, $school);
            $settled = $next !== null && $round > 0 && $next->timing->exposure->keys === $plan->timing->exposure->keys;
            $plan = $next ?? $plan;
            if ($settled || $shot->schedule->timeline->triggerSeconds === ($shot = $shot->after($plan))->schedule->timeline->triggerSeconds) {
                break;
            }
        }

        return $plan;
    }

    private static function once(Shot $shot, School $school): ?Plan
    {
        $light = $shot->plan->light;
        $ramp = $shot->ramp($school);
        if ($light === null || $ramp === null) {
            return null;
        }
        if ($school === School::AperturePriority || $school === School::ShutterPriority) {
            $metered = $shot->plan->with(['light' => $light->with(['control' => Control::from($school->value)])]);

            // By shutter priority one time is set for all.
            return $school === School::ShutterPriority ? $metered->withExposure($metered->timing->exposure->steady()) : $metered;
        }
        $exposure = $school === School::Fixed
            ? KeyedSeconds::constant($ramp->exposures[0], Between::Stops, new Message('what.exposure'))
            : ExposureKeys::through($ramp->exposures);
        $changes = [];
        foreach ($ramp->isos as $n => $iso) {
            if ($n > 0 && $iso !== $ramp->isos[$n - 1]) {
                $changes[] = ['frame' => $n + 1, 'iso' => $iso];
            }
        }

        return $shot->plan->withExposure($exposure)->with(['light' => $light->with([
            'control' => Control::Manual, 'iso' => $ramp->isos[0], 'isoChanges' => $changes,
            'stepless' => $school === School::ThirdStops ? false : ($school === School::Stepless ? true : $light->stepless),
        ])]);
    }
}
