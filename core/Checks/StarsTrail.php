<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;
use Evrent\Core\Words\PlainText;

/**
 * T16: stars trail while the shutter is open.
 */
final class StarsTrail implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        $stars = $optics === null ? null : $shot->stars();
        if ($optics === null || $stars === null) {
            return null;
        }
        $found = $stars->photosOver($shot->plan->thresholds->trailPixels);
        if ($found === []) {
            return null;
        }
        $worst = $stars->worst();
        $aperture = $shot->plan->light->aperture ?? 2.8;
        $longest = $stars->longestSeconds($shot->plan->thresholds->trailPixels);
        $stops = log($shot->plan->timing->exposure->longest() / $longest, 2);

        return new Finding(
            'T16',
            Severity::Look,
            'Stars will trail',
            PlainText::rounded($stars->clipPixels[$worst], 1) . ' px in the clip',
            sprintf(
                'In the %s of photo %d the fastest star in the frame moves %s px of the photo. The rule of 500 allows %s, the one with pixels and aperture %s.',
                PlainText::seconds($shot->schedule->exposureSeconds[$worst]),
                $worst + 1,
                PlainText::rounded($stars->clipPixels[$worst] / $optics->outputScale(), 1),
                PlainText::seconds(StarTrails::byConstant($optics)),
                PlainText::seconds(StarTrails::byPitch($optics, $aperture, $stars->declinations[$worst])),
            ),
            $found[0] + 1,
            count($found),
            static fn (): array => [new Remedy(
                'exposure',
                sprintf('Expose no longer than %s', PlainText::seconds($longest)),
                sprintf('keeps clip and time on site; %s stops darker: open the aperture or raise ISO', PlainText::rounded($stops, 1)),
                $shot->plan->withExposure($shot->plan->timing->exposure->map(static fn (float $seconds): float => min($seconds, $longest))),
            )],
        );
    }
}
