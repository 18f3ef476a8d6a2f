<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;

/**
 * T16: stars trail while the shutter is open.
 */
final class StarsTrail implements Check
{
    /** Of a lens for stars, where nobody says. */
    private const USUAL_APERTURE = 2.8;

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
            new Message('checks.stars_trail.title'),
            new Message('checks.stars_trail.shortfall', ['clipPixels' => Quantity::rounded($stars->clipPixels[$worst], 1)]),
            new Message($shot->plan->facing() === null ? 'checks.stars_trail.sentence_anywhere' : 'checks.stars_trail.sentence', [
                'exposureSeconds' => Quantity::seconds($shot->schedule->exposureSeconds[$worst]),
                'worst' => $worst + 1,
                'photoPixels' => Quantity::rounded($stars->clipPixels[$worst] / $optics->outputScale(), 1),
                'byConstant' => Quantity::seconds(StarTrails::byConstant($optics)),
                'byPitch' => Quantity::seconds(
                    StarTrails::byPitch($optics, $shot->plan->light->aperture ?? self::USUAL_APERTURE, $stars->declinations[$worst]),
                ),
            ]),
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

        return (new Finding(
            FindingId::StarsTrail,
            $isStars ? new Message('checks.stars_trail.title') : new Message('checks.stars_trail.would_trail'),
            new Message('checks.stars_trail.longest', ['x' => Quantity::seconds(max([0.0, ...$shot->schedule->exposureSeconds]))]),
            new Message('checks.stars_trail.by_focal_length', [
                'focalMillimetres' => Quantity::rounded($optics->focalMillimetres, 1),
                'most' => Quantity::seconds($most),
            ]),
            $long[0] + 1,
            count($long),
            static fn (): array => array_filter([self::shorter($shot, $most)]),
        ))->withSeverity($isStars ? Severity::Warning : Severity::Info);
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
            new Message('checks.stars_trail.shorter', ['told' => Exposing::told($shorter, $shorter->timing->exposure->longest())]),
            $light,
            $made,
        );
    }
}
