<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Checks\SunInFrame;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Plan\FocusMode;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Target;

/**
 * What is looked at and ticked before a shot is started: the things that no program sees, each with why. Only those that fit the shot.
 */
enum Preflight: string
{
    case Dial = 'dial';
    case Autofocus = 'autofocus';
    case Aperture = 'aperture';
    case Glass = 'glass';
    case Cable = 'cable';
    case PowerUp = 'power_up';
    case Sleep = 'sleep';
    case Batteries = 'batteries';
    case Card = 'card';
    case OwnTimer = 'own_timer';
    case Homed = 'homed';
    case Ends = 'ends';
    case Keyframes = 'keyframes';
    case Level = 'level';
    case Legs = 'legs';
    case Sled = 'sled';
    case Incline = 'incline';
    case Sun = 'sun';
    case Night = 'night';
    case Cold = 'cold';
    case Edge = 'edge';
    case Permission = 'permission';

    private const COLD_CELSIUS = 5.0;

    /**
     * @return list<FindingId> what it is to prevent
     */
    public function against(): array
    {
        return match ($this) {
            self::Dial => [FindingId::ExposureNotAsPlanned],
            self::Autofocus => [FindingId::AutomaticSettings],
            self::Aperture => [FindingId::ApertureFlicker],
            self::Glass => [FindingId::DirtyGlass],
            self::Cable, self::PowerUp => [FindingId::TriggerCableLoose],
            self::Sleep => [FindingId::DeviceInterrupts],
            self::Batteries => [FindingId::CameraBatteryDies, FindingId::RigBatteryDies],
            self::Card => [FindingId::CardFull],
            self::OwnTimer => [FindingId::CameraTimerDrifts],
            self::Homed, self::Ends => [FindingId::AxisStalls],
            self::Keyframes => [FindingId::TriggerCableLoose, FindingId::CropCutsFraming],
            self::Level => [FindingId::HorizonLeans],
            self::Legs => [FindingId::LoadTooHeavy],
            self::Sled => [FindingId::GearsDrivenBackwards],
            self::Incline => [FindingId::InclineBeyondThrust, FindingId::FallingGear],
            self::Sun => [FindingId::SunInFrame],
            self::Night, self::Cold, self::Edge => [FindingId::HazardsOnSite],
            self::Permission => [FindingId::NoPermission],
        };
    }

    public function label(): Message
    {
        return new Message("run.preflight.{$this->value}.label");
    }

    /** The same, with what the plan says of it. */
    public function labelFor(Plan $plan): Message
    {
        $set = $plan->settings->told();
        $lead = $plan->lead;

        return match (true) {
            $this === self::Autofocus && $set !== [] => new Message(
                $plan->settings->focus === FocusMode::Auto ? 'run.preflight.autofocus.set_auto' : 'run.preflight.autofocus.set',
                ['settings' => Joined::of($set, Joined::COMMA)],
            ),
            $this === self::Cable && $lead->name !== null => new Message(
                $lead->hasHalfPress === true ? 'run.preflight.cable.named_half_press' : 'run.preflight.cable.named',
                ['cable' => $lead->name],
            ),
            $this === self::OwnTimer && $plan->film->kind === FilmKind::InCamera => new Message('run.preflight.own_timer.film'),
            default => $this->label(),
        };
    }

    /** In a list of several. */
    public function inShort(): Message
    {
        return new Message("run.preflight.{$this->value}.short");
    }

    public function why(): Message
    {
        return new Message("run.preflight.{$this->value}.why");
    }

    /**
     * @return list<self> those that fit the shot
     */
    public static function of(Shot $shot): array
    {
        $plan = $shot->plan;
        $hasRig = $plan->rig->axes !== [];
        $sky = $shot->sky();
        $isDark = $sky !== null && min([90.0, ...$sky->altitudes(Target::Sun)]) < 0.0;
        $fits = static fn (self $one): bool => match ($one) {
            self::Cable, self::PowerUp, self::Level, self::Homed, self::Ends, self::Keyframes => $hasRig,
            self::OwnTimer => $plan->trigger->isCamera(),
            self::Dial => $plan->camera->exposureTimedBy !== null || $hasRig,
            self::Sled => $hasRig && $plan->rig->axisFor(AxisRole::Slide) !== null,
            self::Incline => $hasRig && abs($plan->load->inclineDegrees ?? 0.0) > 0.0,
            self::Sun => $sky === null || (new SunInFrame())->find($shot) !== null,
            self::Night => $sky === null || $isDark,
            self::Cold => $plan->power === null || $plan->power->celsius < self::COLD_CELSIUS || $isDark,
            default => true,
        };

        return array_values(array_filter(self::cases(), $fits));
    }
}
