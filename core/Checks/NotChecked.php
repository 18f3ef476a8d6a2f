<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Shot\Shot;

/**
 * What a verdict leaves out because the plan has no data for it. A shot that works by all that was checked may still fail by what was not.
 */
enum NotChecked: string
{
    case Site = 'site';
    case Start = 'start';
    case Light = 'light';
    case Lens = 'lens';
    case Facing = 'facing';
    case Cards = 'cards';
    case CameraPower = 'camera_power';
    case RigPower = 'rig_power';

    public function label(): Message
    {
        return new Message("checks.not_checked.{$this->value}");
    }

    /** What it comes under in a headline, which has room for a word each. */
    private function inShort(): Message
    {
        return match ($this) {
            self::Site, self::Start => self::Light->label(),
            self::CameraPower, self::RigPower => new Message('checks.not_checked.power'),
            default => $this->label(),
        };
    }

    /**
     * @return list<self>
     */
    public static function of(Shot $shot): array
    {
        $plan = $shot->plan;
        // Where daylight does not enter, place and start say nothing of the light.
        $isClosed = $plan->light?->kind->daylightEnters() === false;
        // Added and not filled in, a part says nothing yet: what it counts on is not known.
        $isAssumed = $plan->provenance->isAssumed(...);
        $hasClock = $plan->timing->mode->hasClock();

        return array_values(array_filter(self::cases(), static fn (self $one): bool => match ($one) {
            self::Site => $plan->site === null && !$isClosed,
            self::Start => !$isClosed && $plan->site !== null && $plan->start === null && $hasClock,
            self::Light => $plan->light === null || $isClosed && $plan->light->steadyValue() === null || $isAssumed('/light/aperture'),
            self::Lens => $plan->optics === null || $isAssumed('/optics/focal_mm'),
            self::Facing => SunInFrame::isUnjudged($shot),
            self::Cards => $plan->storage === null || $isAssumed('/storage/cards_gb')
                || $plan->film->kind === FilmKind::SpedUp && $plan->film->gigabytesPerMinute === null,
            self::CameraPower => $hasClock && (
                $plan->power?->camera === null || !$plan->power->camera->isOnMains && $isAssumed('/power/camera/battery_wh')
            ),
            // A tripod draws nothing.
            self::RigPower => $hasClock && $plan->rig->axes !== []
                && ($plan->power?->rig === null || !$plan->power->rig->isOnMains && $isAssumed('/power/rig/battery_wh')),
        }));
    }

    /**
     * @param list<self> $ones
     *
     * @return list<Message> "light", "lens", "cards", "power": each once
     */
    public static function headlined(array $ones): array
    {
        $parts = [];
        foreach ($ones as $one) {
            $part = $one->inShort();
            $parts[$part->key] = $part;
        }

        return array_values($parts);
    }
}
