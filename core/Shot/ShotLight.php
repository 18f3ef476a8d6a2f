<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Look;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Target;
use Evrent\Core\Sky\Track;

/**
 * The light that each photo of a shot finds, and how bright it comes out.
 */
final class ShotLight
{
    /**
     * @param non-empty-list<float> $exposureValues at ISO 100, of the scene, without filters
     * @param non-empty-list<float> $exposures      seconds, as they will be: by the plan, or by the camera's own meter
     * @param non-empty-list<float> $isos
     * @param list<float>           $apertures      f-numbers, as they will be
     * @param list<float>           $missed         stops by which the camera's own meter cannot follow: above zero too bright; nothing by the plan
     * @param non-empty-list<float> $errors         stops too bright; below zero too dark
     */
    private function __construct(
        public readonly Light $light,
        public readonly array $exposureValues,
        public readonly array $exposures,
        public readonly array $isos,
        public readonly array $errors,
        public readonly array $apertures,
        public readonly array $missed,
    ) {
    }

    /** Null where light, place or start is not known; where daylight does not enter, neither place nor start matters. */
    public static function of(Shot $shot): ?self
    {
        $light = $shot->plan->light;
        if ($light === null) {
            return null;
        }
        $steady = $light->steadyValue();
        $values = match (true) {
            $steady !== null => array_fill(0, $shot->schedule->photosTotal(), $steady),
            $light->kind->daylightEnters() => self::valuesBySky($shot, $light),
            default => null,
        };

        return $values === null || $values === [] ? null : self::under($shot, $light, $values);
    }

    /**
     * @return ?list<float> exposure value at ISO 100 of each photo
     */
    private static function valuesBySky(Shot $shot, Light $light): ?array
    {
        $site = $shot->plan->site;
        $sky = $shot->sky();
        if ($site === null || $sky === null) {
            return null;
        }
        $look = self::looks($shot);
        $day = Daylight::over($site, $light, $sky->sky);
        if ($light->metered !== null) {
            $day = $day->metered($light->metered->at, $light->metered->exposureValue(), $look(0));
        }
        $values = [];
        $tracks = [$sky->track(Target::Sun), $sky->track(Target::Moon)];
        foreach ($sky->sampledPhotos as $k => $n) {
            [$sun, $moon] = array_map(static fn (Track $track): Horizontal => new Horizontal($track->azimuths[$k], $track->altitudes[$k]), $tracks);
            $values[] = $day->exposureValueUnder($sun, $moon, new Instant($sky->unixSeconds[$n]), $look($n));
        }

        return $sky->interpolate($values);
    }

    /**
     * @param non-empty-list<float> $values exposure value at ISO 100 of each photo
     */
    private static function under(Shot $shot, Light $light, array $values): ?self
    {
        $isos = $light->isoColumn(count($values));
        $exposures = $errors = $apertures = $missed = [];
        foreach ($values as $n => $value) {
            $seconds = $light->control === Control::AperturePriority ? self::meteredSeconds($light, $value, $isos[$n]) : $shot->schedule->exposureSeconds[$n];
            $exposures[] = $seconds;
            $apertures[] = $light->control === Control::ShutterPriority ? self::meteredAperture($light, $value, $seconds, $isos[$n]) : $light->aperture;
            $errors[] = self::errorStops($light, $value, $seconds, $isos[$n]) - 2.0 * log($apertures[$n] / $light->aperture, 2);
            $missed[] = $light->control === Control::ShutterPriority
                ? 2.0 * log(self::aperturePerfect($light, $value, $seconds, $isos[$n]) / $apertures[$n], 2)
                : 0.0;
        }

        return $isos === [] ? null : new self($light, $values, $exposures, $isos, $errors, $apertures, $missed);
    }

    /**
     * Where the camera looks for each photo, from 0.
     *
     * @return callable(int): Look
     */
    public static function looks(Shot $shot): callable
    {
        $poses = Poses::columns($shot->schedule);
        $bearing = $shot->plan->rig->base->zeroBearingDegrees;

        return static fn (int $n): Look => new Look($bearing + $poses['yaw'][$n], $poses['pitch'][$n]);
    }

    /** What a scene, seen through the filter, asks of shutter and ISO together: log2(t · ISO / 100) for the brightness wanted. */
    public static function wantedStops(Light $light, float $exposureValue): float
    {
        return log($light->aperture ** 2, 2) - $exposureValue + $light->ndStops + $light->wantedStops($exposureValue);
    }

    /** Stops too bright; below zero too dark. */
    public static function errorStops(Light $light, float $exposureValue, float $seconds, float $iso): float
    {
        return log($seconds * Exposure::trueIso($iso) / 100.0, 2) - self::wantedStops($light, $exposureValue);
    }

    /** What the camera's own meter makes of it, with the whole shot's bias set on it, within the limits that it is given. */
    public static function meteredSeconds(Light $light, float $exposureValue, float $iso): float
    {
        $seconds = $light->aperture ** 2 / (2.0 ** ($exposureValue - $light->ndStops - $light->biasStops) * Exposure::trueIso($iso) / 100.0);

        return max($light->shortestSeconds, min($light->longestSeconds, $seconds));
    }

    /** The f-number that the camera's own meter opens to for a shutter time, as far as the lens goes: A² = t · 2^(EV − ND − bias) · ISO / 100. */
    public static function meteredAperture(Light $light, float $exposureValue, float $seconds, float $iso): float
    {
        return max($light->widest(), min($light->narrowest(), self::aperturePerfect($light, $exposureValue, $seconds, $iso)));
    }

    private static function aperturePerfect(Light $light, float $exposureValue, float $seconds, float $iso): float
    {
        return sqrt($seconds * 2.0 ** ($exposureValue - $light->ndStops - $light->biasStops) * Exposure::trueIso($iso) / 100.0);
    }

    /**
     * Photos that the camera's own meter cannot set, by more than so many stops.
     *
     * @return list<int> from 0
     */
    public function photosMissed(float $stops, bool $bright): array
    {
        return array_keys(array_filter($this->missed, static fn (float $missed): bool => ($bright ? $missed : -$missed) > $stops));
    }

    /** Stops by which the worst of them is missed, with its sign. */
    public function worstMissed(): float
    {
        $most = max([0.0, ...$this->missed]);
        $least = min([0.0, ...$this->missed]);

        return $most > -$least ? $most : $least;
    }

    /**
     * @return list<float> by how many stops each photo is to be brighter than a meter would have it; below zero darker
     */
    public function wanted(): array
    {
        return array_map($this->light->wantedStops(...), $this->exposureValues);
    }

    /**
     * @return list<float> by how many stops each photo comes out brighter than a meter would have it; below zero darker
     */
    public function predicted(): array
    {
        return array_map(static fn (float $wanted, float $error): float => $wanted + $error, $this->wanted(), $this->errors);
    }

    /** The photo that comes out brightest, in stops too bright. */
    public function brightest(): float
    {
        return max($this->errors);
    }

    /** The photo that comes out darkest; below zero it is too dark. */
    public function darkest(): float
    {
        return min($this->errors);
    }

    /**
     * Photos whose brightness is out by more.
     *
     * @return list<int> from 0
     */
    public function photosOut(float $stops, bool $bright): array
    {
        $found = [];
        foreach ($this->errors as $n => $error) {
            if (($bright ? $error : -$error) > $stops + 1e-9) {
                $found[] = $n;
            }
        }

        return $found;
    }
}
