<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

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

    public function sentence(): string
    {
        return match ($this) {
            self::UnknownWord => 'It does not know this word.',
            self::NoNumber => 'A letter has no number behind it.',
            self::TooLong => 'The line is longer than 80 characters.',
            self::NoFeed => 'G1 needs a feed: give F.',
            self::BeyondTravel => 'The target is beyond the travel; nothing moved.',
            self::PositionUnknown => 'It does not know where it stands: home it first.',
            self::Alarm => 'It stands in alarm: home it or reset it first.',
            self::NoSuchAxis => 'This rig has no such axis.',
            self::OutOfRange => 'A number is out of range.',
            self::Moving => 'It moves: that can be asked of it when it stands.',
            self::Contradicts => 'Two words of the line cannot stand together.',
        };
    }
}
