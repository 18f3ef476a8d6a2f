<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\NightSky;
use Evrent\Core\Sky\Target;

/**
 * The night sky over a shot, where any of it is taken in the dark and it is known where the camera looks.
 */
final class NightOfShot
{
    public static function of(Shot $shot): ?NightSky
    {
        $sky = $shot->sky();
        $facing = $shot->plan->facing();
        if ($sky === null || $facing === null || min([0.0, ...$sky->track(Target::Sun)->altitudes]) > NightSky::STARS_FROM_DEGREES) {
            return null;
        }
        $unix = $sky->unixSeconds;

        return new NightSky($sky->sky->observer, new Instant($unix[0]), new Instant($unix[intdiv(count($unix), 2)]), $facing);
    }

    /** What it hangs on, in short: where it is the same, so is the sky. Null where there is none. */
    public static function key(Shot $shot): ?string
    {
        $sky = self::of($shot) === null ? null : $shot->sky();
        if ($sky === null) {
            return null;
        }
        $observer = $sky->sky->observer;

        $middle = $sky->unixSeconds[intdiv(count($sky->unixSeconds), 2)];

        return hash('crc32b', json_encode(
            [$observer->latitude, $observer->longitude, $sky->unixSeconds[0], $middle, $shot->plan->facing()],
            JSON_THROW_ON_ERROR,
        ));
    }
}
