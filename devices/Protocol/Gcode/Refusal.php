<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Messages\Message;

/**
 * Why a line is answered by `error:N` instead of `ok`. The numbers are those of docs/devices.md.
 */
enum Refusal: int
{
    case UnknownWord = 1;
    case NoNumber = 2;
    case TooLong = 3;
    case NoFeed = 4;
    case BeyondTravel = 5;
    case PositionUnknown = 6;
    case Alarm = 7;
    case NoSuchAxis = 8;
    case OutOfRange = 9;
    case Contradicts = 10;
    case Moving = 11;

    public function sentence(): Message
    {
        return new Message('devices.refusal.' . match ($this) {
            self::UnknownWord => 'unknown_word',
            self::NoNumber => 'no_number',
            self::TooLong => 'too_long',
            self::NoFeed => 'no_feed',
            self::BeyondTravel => 'beyond_travel',
            self::PositionUnknown => 'not_homed',
            self::Alarm => 'alarm',
            self::NoSuchAxis => 'no_axis',
            self::OutOfRange => 'out_of_range',
            self::Moving => 'moving',
            self::Contradicts => 'contradicts',
        });
    }
}
