<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\ShotLight;

/**
 * What an exposure is right for, in words whose figures add up.
 */
final class ExposureTold
{
    private const NOTICEABLE_STOPS = 0.05;

    /**
     * "1/4 s at f/8 and ISO 100 suits EV 8", with the filter and the brightness wanted where they count.
     *
     * @param int $n photo, from 0
     */
    public static function suits(ShotLight $light, int $n): Message
    {
        $wanted = $light->light->wantedStops($light->exposureValues[$n]);
        $suits = new Message('checks.exposure_told.suits', [
            'exposures' => Quantity::shutter($light->exposures[$n]),
            'apertures' => Quantity::rounded($light->apertures[$n], 1),
            'isos' => Quantity::number($light->isos[$n]),
            'exposureValues' => Quantity::rounded($light->exposureValues[$n] - $light->errors[$n], 1),
        ]);
        if ($light->light->ndStops > 0.0) {
            $suits = new Message('checks.exposure_told.nd', ['exposure' => $suits, 'stops' => Quantity::stops($light->light->ndStops)]);
        }

        return abs($wanted) < self::NOTICEABLE_STOPS ? $suits : new Message(
            $wanted < 0.0 ? 'checks.exposure_told.darker' : 'checks.exposure_told.brighter',
            ['exposure' => $suits, 'stops' => Quantity::stops(abs($wanted))],
        );
    }
}
