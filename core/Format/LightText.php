<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;

/**
 * What a shot's light is, in a few words.
 */
final class LightText
{
    /** How bright the photos are wanted: "1.3 stops darker than metered, night 2.5 stops darker". */
    public static function wanted(Light $light): Text|string
    {
        $bias = $light->biasStops;
        $metered = new Message(match (true) {
            abs($bias) < 1e-9 => 'light.target.as_metered',
            $bias < 0.0 => 'light.target.darker',
            default => 'light.target.brighter',
        }, ['stops' => Quantity::stops(abs($bias))]);
        $night = $light->bias === [] ? null : new Message('light.target.night', ['stops' => Quantity::stops(-$light->bias[0]['stops'])]);

        return Joined::of([$metered, $night], Joined::COMMA);
    }
}
