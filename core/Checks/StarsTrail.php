<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;
use Evrent\Core\Words\PlainText;

/**
 * T16: stars trail while the shutter is open.
 */
final class StarsTrail implements Check
{
    /** Of a lens for stars, where nobody says. */
    private const USUAL_APERTURE = 2.8;

    public static function about(): About
    {
        return new About(
            [Stage::Light],
            [...About::SCALE, '/light/aperture', '/light/exposed_for', '/light/control', ...About::CYCLE],
            unmended: 'No exposure that the light allows keeps stars to points: use a wider lens, or let them trail.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        if ($optics === null) {
            return null;
        }
        $stars = $shot->stars();

        return $stars === null ? self::byFocalLength($shot, $optics) : self::underTheSky($shot, $optics, $stars);
    }

    private static function underTheSky(Shot $shot, Optics $optics, StarTrails $stars): ?Finding
    {
        $found = $stars->photosOver($shot->plan->thresholds->trailPixels);
        if ($found === []) {
            return null;
        }
        $worst = $stars->worst();
        $longest = $stars->longestSeconds($shot->plan->thresholds->trailPixels);

        return new Finding(
            FindingId::StarsTrail,
            Severity::Look,
            'Stars will trail',
            PlainText::rounded($stars->clipPixels[$worst], 1) . ' px in the clip',
            sprintf(
                'In the %s of photo %d the fastest star %s moves %s px of the photo. The rule of 500 allows %s, the one with pixels and aperture %s.',
                PlainText::seconds($shot->schedule->exposureSeconds[$worst]),
                $worst + 1,
                $shot->plan->facing() === null ? 'that the frame may hold, wherever it faces,' : 'in the frame',
                PlainText::rounded($stars->clipPixels[$worst] / $optics->outputScale(), 1),
                PlainText::seconds(StarTrails::byConstant($optics)),
                PlainText::seconds(StarTrails::byPitch($optics, $shot->plan->light->aperture ?? self::USUAL_APERTURE, $stars->declinations[$worst])),
            ),
            $found[0] + 1,
            count($found),
            static fn (): array => array_filter([self::shorter($shot, $longest)]),
        );
    }

    /** Where nobody said when and where, the focal length alone tells how long stars may be exposed, if they are what is exposed for. */
    private static function byFocalLength(Shot $shot, Optics $optics): ?Finding
    {
        $light = $shot->plan->light;
        $isStars = $light !== null && $light->exposedFor === ExposedFor::Sky;
        if ($shot->sky() !== null || $light?->kind->daylightEnters() === false || !$isStars && $light !== null) {
            return null;
        }
        $most = StarTrails::byConstant($optics);
        $long = array_keys(array_filter($shot->schedule->exposureSeconds, static fn (float $seconds): bool => $seconds > $most + 1e-9));
        if ($long === []) {
            return null;
        }

        return new Finding(
            FindingId::StarsTrail,
            $isStars ? Severity::Look : Severity::Know,
            $isStars ? 'Stars will trail' : 'Stars would trail, if there are any',
            PlainText::seconds(max([0.0, ...$shot->schedule->exposureSeconds])) . ' open at the longest',
            sprintf(
                'By its focal length of %s mm alone, the rule of 500 allows %s. With place, day and start it is worked out for the stars in the frame.',
                PlainText::rounded($optics->focalMillimetres, 1),
                PlainText::seconds($most),
            ),
            $long[0] + 1,
            count($long),
            static fn (): array => array_filter([self::shorter($shot, $most)]),
        );
    }

    private static function shorter(Shot $shot, float $longest): ?Remedy
    {
        $shorter = Exposing::changed($shot->plan, static fn (float $seconds): float => min($seconds, $longest), true);
        if ($shorter === null) {
            return null;
        }
        [$made, $light] = Exposing::madeUpFor($shot, $shorter);

        return new Remedy(
            'exposure',
            'Expose no longer than ' . Exposing::told($shorter, $shorter->timing->exposure->longest()),
            $light,
            $made,
        );
    }
}
