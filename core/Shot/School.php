<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

/**
 * Ways to expose while the light changes. Practitioners disagree, so all are worked out side by side.
 */
enum School: string
{
    case Fixed = 'fixed';
    case AperturePriority = 'aperture_priority';
    case ShutterPriority = 'shutter_priority';
    case ThirdStops = 'third_stops';
    case Stepless = 'stepless';

    public function label(): string
    {
        return match ($this) {
            self::Fixed => 'Fixed, as the first photo',
            self::AperturePriority => 'Aperture priority',
            self::ShutterPriority => 'Shutter priority',
            self::ThirdStops => 'Ramp in thirds',
            self::Stepless => 'Ramp without steps',
        };
    }

    public function costs(): string
    {
        return match ($this) {
            self::Fixed => 'no steps and no flicker; the light is as it falls, and the end may drown',
            self::AperturePriority => 'needs no plan; each photo is metered anew, which flickers, and dusk lengthens it until the interval breaks',
            self::ShutterPriority => 'keeps the blur of every photo; depth changes with the light, it flickers, and at the lens’s end it gets dark or bright',
            self::ThirdStops => 'any camera can be set so; each step of a third shows until it is taken out in the edit',
            self::Stepless => 'smooth; the controller times the shutter on bulb, or the body sets its times freely',
        };
    }

    public function isRamp(): bool
    {
        return $this === self::ThirdStops || $this === self::Stepless;
    }
}
