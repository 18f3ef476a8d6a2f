<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;

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

    public function label(): Message
    {
        return match ($this) {
            self::Fixed => new Message('shot.method.fixed'),
            self::AperturePriority => new Message('shot.method.aperture_priority'),
            self::ShutterPriority => new Message('shot.method.shutter_priority'),
            self::ThirdStops => new Message('shot.method.third_stops'),
            self::Stepless => new Message('shot.method.stepless'),
        };
    }

    public function costs(): Message
    {
        return match ($this) {
            self::Fixed => new Message('shot.method.fixed_costs'),
            self::AperturePriority => new Message('shot.method.aperture_priority_costs'),
            self::ShutterPriority => new Message('shot.method.shutter_priority_costs'),
            self::ThirdStops => new Message('shot.method.third_stops_costs'),
            self::Stepless => new Message('shot.method.stepless_costs'),
        };
    }

    public function isRamp(): bool
    {
        return $this === self::ThirdStops || $this === self::Stepless;
    }
}
