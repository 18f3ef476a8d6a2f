<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\SkyBrightness;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;

/**
 * What a shot is exposed with to begin with: by day what shows land sharp from near to far, under stars the widest aperture and the ISO
 * that its exposure asks for. Nobody begins a night at f/8 and ISO 100.
 */
final readonly class LightToBegin
{
    /** Stars show once the sun is so far down. */
    private const DARK_DEGREES = -12.0;

    /**
     * @param ?float      $widestAperture of the lens, where it is known
     * @param ?float      $highestIso     of the body, where it is known
     * @param list<float> $filters        stops of each neutral density filter in the bag
     */
    public function __construct(private ?float $widestAperture = null, private ?float $highestIso = null, private array $filters = [])
    {
    }

    /** By what the shot's own hours are. */
    public function for(Plan $plan): Light
    {
        $known = $this->known();
        try {
            $sun = Shot::of($plan->with(['light' => $known]))->sky()?->altitudes(Target::Sun);
        } catch (InvalidInput) {
            return $known;
        }

        return $sun !== null && $sun[intdiv(count($sun), 2)] < self::DARK_DEGREES ? $this->forStars($plan) : $known;
    }

    /** Where nobody said when, under a moonless sky. */
    public function forStars(Plan $plan): Light
    {
        $known = $this->known();
        $open = $known->with(['exposedFor' => ExposedFor::Sky, 'aperture' => $this->widestAperture ?? Light::USUAL_WIDEST_APERTURE]);
        $values = Shot::of($plan->with(['light' => $open]))->light()->exposureValues ?? [];
        $value = $values[intdiv(count($values), 2)] ?? SkyBrightness::exposureValue(SkyBrightness::ofMagnitude($plan->site->skyMag ?? Site::USUAL_SKY_MAG));
        $seconds = $plan->timing->exposure->longest();
        $error = static fn (float $iso): float => abs(ShotLight::errorStops($open, $value, $seconds, Exposure::trueIso($iso)));
        $best = $open->iso;
        foreach ($open->isos as $iso) {
            $best = $error($iso) < $error($best) ? $iso : $best;
        }

        return $open->with(['iso' => $best]);
    }

    private function known(): Light
    {
        $isos = array_values(array_filter(Light::USUAL_ISOS, fn (float $iso): bool => $iso <= ($this->highestIso ?? INF)));

        return new Light(
            isos: $isos === [] ? Light::USUAL_ISOS : $isos,
            filters: $this->filters,
            widestAperture: $this->widestAperture,
            highestIso: $this->highestIso,
        );
    }
}
