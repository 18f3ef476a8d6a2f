<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * What a lead goes into.
 */
enum Socket: string implements Labelled
{
    case Jack25 = 'jack_2_5';
    case Jack35 = 'jack_3_5';
    case RoundPins = 'round_pins';
    case FlatPins = 'flat_pins';
    case MicroUsb = 'micro_usb';
    case UsbC = 'usb_c';
    case Infrared = 'infrared';

    public function label(): string
    {
        return match ($this) {
            self::Jack25 => '2.5 mm jack',
            self::Jack35 => '3.5 mm jack',
            self::RoundPins => 'round plug with pins',
            self::FlatPins => 'flat plug with pins',
            self::MicroUsb => 'micro USB',
            self::UsbC => 'USB-C',
            self::Infrared => 'infrared eye',
        };
    }
}
