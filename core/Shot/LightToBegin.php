<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Light;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;

/**
 * What a shot is exposed with to begin with: by day what shows land sharp from near to far, under stars the widest aperture and the ISO
 * that its exposure asks for. Nobody begins a night at f/8 and ISO 100.
 */
final class LightToBegin
{
    /** Stars show once the sun is so far down. */
    private const DARK_DEGREES = -12.0;

    /**
     * @param ?float      $widestAperture of the lens, where it is known
     * @param ?float      $highestIso     of the body, where it is known
     * @param list<float> $filters        stops of each neutral density filter in the bag
     */
    public static function of(Plan $plan, ?float $widestAperture = null, ?float $highestIso = null, array $filters = []): Light
    {
        $isos = array_values(array_filter(Light::USUAL_ISOS, static fn (float $iso): bool => $iso <= ($highestIso ?? INF)));
        $known = new Light(isos: $isos === [] ? Light::USUAL_ISOS : $isos, filters: $filters, widestAperture: $widestAperture, highestIso: $highestIso);
        try {
            $shot = Shot::of($plan->with(['light' => $known]));
        } catch (InvalidInput) {
            return $known;
        }
        $sun = $shot->sky()?->altitudes(Target::Sun);

        return $sun !== null && $sun[intdiv(count($sun), 2)] < self::DARK_DEGREES ? self::underStars($shot, $known) : $known;
    }

    private static function underStars(Shot $shot, Light $known): Light
    {
        $open = $known->with(['exposedFor' => ExposedFor::Sky, 'aperture' => $known->widestAperture ?? Light::USUAL_WIDEST_APERTURE]);
        $errors = $shot->after($shot->plan->with(['light' => $open]))->light()->errors ?? [0.0];
        $missing = -$errors[intdiv(count($errors), 2)];
        $wanted = $open->iso * 2.0 ** $missing;
        $best = $open->iso;
        foreach ($open->isos as $iso) {
            $best = abs(log($iso / $wanted, 2)) < abs(log($best / $wanted, 2)) ? $iso : $best;
        }

        return $open->with(['iso' => $best]);
    }
}
