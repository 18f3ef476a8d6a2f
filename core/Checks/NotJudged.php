<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Plan\Plan;

/**
 * What a verdict says nothing of, because nobody told. A shot that works by all that was judged may still fail by what was not.
 */
enum NotJudged: string
{
    case Site = 'site';
    case Start = 'start';
    case Light = 'light';
    case Lens = 'lens';
    case Cards = 'cards';
    case CameraPower = 'camera_power';
    case RigPower = 'rig_power';

    public function label(): string
    {
        return match ($this) {
            self::Site => 'place and day',
            self::Start => 'when it starts',
            self::Light => 'light',
            self::Lens => 'lens and picture',
            self::Cards => 'cards',
            self::CameraPower => 'the camera’s power',
            self::RigPower => 'the rig’s power',
        };
    }

    /**
     * @return list<self>
     */
    public static function of(Plan $plan): array
    {
        $hasClock = $plan->timing->mode->hasClock();

        return array_values(array_filter(self::cases(), static fn (self $one): bool => match ($one) {
            self::Site => $plan->site === null,
            self::Start => $plan->site !== null && $plan->start === null && $hasClock,
            self::Light => $plan->light === null,
            self::Lens => $plan->optics === null,
            self::Cards => $plan->storage === null,
            self::CameraPower => $hasClock && $plan->power?->camera === null,
            self::RigPower => $hasClock && $plan->power?->rig === null,
        }));
    }
}
