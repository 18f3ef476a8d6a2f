<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;

/**
 * Exposure and ISO of each photo by one of the schools, and how bright the photos come out.
 *
 * A ramp follows the light by at most a third of a stop from photo to photo. The shutter moves first, up to the longest that
 * limits and interval allow; ISO takes over where it cannot: each brightness has one setting, so that nothing goes back and
 * forth while the light goes one way. Limits come before brightness.
 */
final class Ramp
{
    public const MOST_STOPS_A_PHOTO = 1.0 / 3.0;

    /** In thirds, the next step is taken when it is nearer by this much: light that trembles makes no steps to and fro. */
    private const STEP_AT_STOPS = 0.2;

    private const TINY = 1e-9;

    /**
     * @param non-empty-list<float> $exposures seconds by photo
     * @param non-empty-list<float> $isos      by photo
     * @param non-empty-list<float> $errors    stops too bright by photo; below zero too dark
     * @param non-empty-list<float> $apertures f-numbers by photo
     * @param list<int>   $late      photos, from 0, whose exposure the interval does not hold
     */
    private function __construct(
        public readonly School $school,
        public readonly array $exposures,
        public readonly array $isos,
        public readonly array $errors,
        public readonly array $apertures,
        public readonly array $late,
    ) {
    }

    /** Null where the light of the shot is not known. */
    public static function of(Shot $shot, School $school): ?self
    {
        $light = $shot->light();
        if ($light === null) {
            return null;
        }

        return self::planned($shot, $light, $school);
    }

    /** Stops of the photo that is farthest out, with its sign. */
    public function worstError(): float
    {
        $worst = 0.0;
        foreach ($this->errors as $error) {
            $worst = abs($error) > abs($worst) ? $error : $worst;
        }

        return $worst;
    }

    private static function planned(Shot $shot, ShotLight $found, School $school): self
    {
        $light = $found->light;
        $room = $shot->exposureRoom();
        $exposures = [];
        $isos = [];
        $errors = [];
        $apertures = [];
        $late = [];
        $stops = null;
        foreach ($found->exposureValues as $n => $value) {
            if ($school->isRamp()) {
                $inThirds = $school === School::ThirdStops;
                // Who limits the shutter to its mark of 30 s means what it does there, 32 s.
                $limit = $inThirds && !$shot->plan->camera->marksAreLiteral ? Exposure::trueSeconds($light->longestSeconds) : $light->longestSeconds;
                $longest = max($light->shortestSeconds, min($limit, $room[$n]));
                $wanted = ShotLight::wantedStops($light, $value);
                $stops = $inThirds ? self::steppedBy($stops, $wanted) : self::followedBy($stops, $wanted);
                [$seconds, $iso] = self::setting($light, $stops, $longest, $inThirds);
                // What the limits did not allow is where the next photo goes on from.
                $stops = log($seconds * Exposure::trueIso($iso) / 100.0, 2);
            } else {
                $iso = $school === School::Fixed ? $light->iso : $found->isos[$n];
                $seconds = match ($school) {
                    School::Fixed, School::ShutterPriority => $shot->schedule->exposureSeconds[0],
                    default => ShotLight::meteredSeconds($light, $value, $iso),
                };
            }
            $aperture = $school === School::ShutterPriority ? ShotLight::meteredAperture($light, $value, $seconds, $iso) : $light->aperture;
            $exposures[] = $seconds;
            $isos[] = $iso;
            $apertures[] = $aperture;
            $errors[] = ShotLight::errorStops($light, $value, $seconds, $iso) - 2.0 * log($aperture / $light->aperture, 2);
            if ($seconds > $room[$n] + self::TINY) {
                $late[] = $n;
            }
        }

        return new self($school, $exposures, $isos, $errors, $apertures, $late);
    }

    private static function followedBy(?float $stops, float $wanted): float
    {
        return $stops === null ? $wanted : $stops + max(-self::MOST_STOPS_A_PHOTO, min(self::MOST_STOPS_A_PHOTO, $wanted - $stops));
    }

    private static function steppedBy(?float $stops, float $wanted): float
    {
        if ($stops === null) {
            return round($wanted * 3.0) / 3.0;
        }
        $off = $wanted - $stops;

        return abs($off) < self::STEP_AT_STOPS ? $stops : round($stops * 3.0 + ($off > 0.0 ? 1.0 : -1.0)) / 3.0;
    }

    /**
     * The lowest ISO with which the shutter has room, and the shutter time that goes with it.
     *
     * @return array{float, float} seconds and ISO
     */
    private static function setting(Light $light, float $stops, float $longest, bool $inThirds): array
    {
        $seconds = $longest;
        $iso = $light->iso;
        foreach ($light->isos as $allowed) {
            $iso = $allowed;
            $seconds = 2.0 ** $stops * 100.0 / Exposure::trueIso($iso);
            $seconds = $inThirds ? 2.0 ** (round(3.0 * log($seconds, 2)) / 3.0) : $seconds;
            if ($seconds <= $longest + self::TINY) {
                break;
            }
        }
        $limited = max($light->shortestSeconds, min($longest, $seconds));
        if ($inThirds && $limited !== $seconds) {
            $thirds = 3.0 * log($limited, 2);
            $limited = 2.0 ** (($seconds > $longest ? floor($thirds + self::TINY) : ceil($thirds - self::TINY)) / 3.0);
        }

        return [$limited, $iso];
    }
}
