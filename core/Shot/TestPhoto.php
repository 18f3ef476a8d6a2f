<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;

/**
 * A photo to frame by in the dark: as bright as the shot's own, in as little time as the body can.
 */
final class TestPhoto
{
    /** Nobody waits long for less. */
    private const SHORT_SECONDS = 2.0;

    /**
     * @param float $exposureSeconds of the shot
     * @param float $iso             of the shot
     * @param float $highestIso      that the body has
     *
     * @return float seconds: the same light at the highest ISO, 16 s at 2,000 is 2 s at 16,000
     */
    public static function seconds(float $exposureSeconds, float $iso, float $highestIso): float
    {
        return $exposureSeconds * $iso / max($iso, $highestIso);
    }

    /** @return ?Message such as "2 s at ISO 16,000"; null where nothing is known of the body's highest ISO, or the shot's own photo is as short */
    public static function told(Schedule $schedule): ?Message
    {
        $light = $schedule->plan->light;
        $exposure = $schedule->exposureSeconds[0];
        if ($light?->highestIso === null || $light->highestIso <= $light->iso || $exposure < self::SHORT_SECONDS) {
            return null;
        }

        return new Message('shot.test_photo', [
            'seconds' => Quantity::seconds(self::seconds($exposure, $light->iso, $light->highestIso)), 'iso' => Quantity::rounded($light->highestIso, 0),
        ]);
    }
}
