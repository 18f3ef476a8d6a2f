<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Target;

/**
 * Sky and light at each photo as whole numbers that can be drawn as they are, packed like `IntervalColumns`: sky:<target>:pan and
 * sky:<target>:tilt (where pan and tilt would have to stand to look at it; degrees), light:ev, light:iso, light:stops (exposure
 * as log2 of seconds) and light:error (stops too bright). Nothing where the plan does not say.
 */
final class SceneryColumns
{
    private const DRAWN_PARTS = 1_000;

    /**
     * @return array<string, list<int>>
     */
    public static function of(Shot $shot): array
    {
        return self::sky($shot) + self::light($shot);
    }

    /**
     * @return array<string, list<int>>
     */
    private static function sky(Shot $shot): array
    {
        $sky = $shot->sky();
        $zero = $shot->plan->facing();
        // Where the camera looks is not known: nothing can be drawn before it.
        if ($sky === null || $zero === null) {
            return [];
        }
        $pan = $shot->plan->rig->axisFor(AxisRole::Pan);
        $middle = $pan === null ? 0.0 : ($pan->min + $pan->max) / 2.0;
        $columns = [];
        foreach (Target::cases() as $target) {
            $track = $sky->track($target);
            // The whole turn in which the pan could reach it.
            $turn = 360.0 * round(($middle - ($track->azimuths[0] - $zero)) / 360.0) - $zero;
            $pans = array_map(static fn (float $azimuth): float => $azimuth + $turn, $track->azimuths);
            $tilts = array_map(static fn (float $altitude): float => (new Horizontal(0.0, $altitude))->followedAltitude(), $track->altitudes);
            $columns["sky:{$target->value}:pan"] = self::packed($sky->interpolate($pans));
            $columns["sky:{$target->value}:tilt"] = self::packed($sky->interpolate($tilts));
        }

        return $columns;
    }

    /**
     * @return array<string, list<int>>
     */
    private static function light(Shot $shot): array
    {
        $light = $shot->light();

        return $light === null ? [] : [
            'light:ev' => self::packed($light->exposureValues),
            'light:iso' => self::packed($light->isos),
            'light:stops' => self::packed(array_map(static fn (float $seconds): float => log($seconds, 2), $light->exposures)),
            'light:error' => self::packed($light->errors),
        ];
    }

    /**
     * @param list<float> $values
     *
     * @return list<int>
     */
    private static function packed(array $values): array
    {
        // To a thousandth of a degree or of a stop: finer than anything drawn, and a third of the bytes.
        return Packed::column($values, self::DRAWN_PARTS, intdiv(IntervalColumns::SCALE, self::DRAWN_PARTS));
    }
}
