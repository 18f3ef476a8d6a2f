<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Light\Light;
use Evrent\Core\Words\PlainText;

/**
 * What a shot's light is, in a few words.
 */
final class LightText
{
    /** How bright the photos are wanted: "1.3 stops darker than metered, night 2.5 stops darker". */
    public static function wanted(Light $light): string
    {
        $bias = $light->biasStops;
        $metered = abs($bias) < 1e-9 ? 'as metered' : PlainText::stops(abs($bias)) . ($bias < 0.0 ? ' darker' : ' brighter') . ' than metered';

        return $metered . ($light->bias === [] ? '' : ', night ' . PlainText::stops(-$light->bias[0]['stops']) . ' darker');
    }
}
