<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
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

    public function label(): Message|string
    {
        return match ($this) {
            self::Jack25 => new Message('plan.socket.jack_2_5'),
            self::Jack35 => new Message('plan.socket.jack_3_5'),
            self::RoundPins => new Message('plan.socket.round_pins'),
            self::FlatPins => new Message('plan.socket.flat_pins'),
            self::MicroUsb => new Message('plan.socket.micro_usb'),
            self::UsbC => 'USB-C',
            self::Infrared => new Message('plan.socket.infrared'),
        };
    }

    /** What is printed on a lead that has no name: the plug, the same in every language. */
    public function mark(): string
    {
        return match ($this) {
            self::Jack25 => '2.5 mm jack',
            self::Jack35 => '3.5 mm jack',
            self::RoundPins => 'round pins',
            self::FlatPins => 'flat pins',
            self::MicroUsb => 'Micro-USB',
            self::UsbC => 'USB-C',
            self::Infrared => 'IR',
        };
    }
}
