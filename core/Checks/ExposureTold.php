<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Words\PlainText;

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
    public static function suits(ShotLight $light, int $n): string
    {
        $wanted = $light->light->wantedStops($light->exposureValues[$n]);

        return sprintf(
            '%s s at f/%s and ISO %s%s%s suits EV %s',
            PlainText::shutter($light->exposures[$n]),
            PlainText::rounded($light->apertures[$n], 1),
            PlainText::number($light->isos[$n]),
            $light->light->ndStops > 0.0 ? ' behind ' . PlainText::stops($light->light->ndStops) . ' of ND' : '',
            abs($wanted) < self::NOTICEABLE_STOPS ? '' : ', ' . PlainText::stops(abs($wanted)) . ($wanted < 0.0 ? ' darker' : ' brighter') . ' than metered,',
            PlainText::rounded($light->exposureValues[$n] - $light->errors[$n], 1),
        );
    }
}
