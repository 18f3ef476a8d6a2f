<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Checks\SunInFrame;
use Evrent\Core\Findings\FindingId;
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

    public function label(): string
    {
        return match ($this) {
            self::Dial => 'Mode dial as planned: bulb if the controller times the exposure, manual if the camera does',
            self::Autofocus => 'Autofocus, auto white balance, auto ISO, stabiliser, image review and beep are off',
            self::Aperture => 'Aperture is fixed: wide open, twisted free, or a manual lens',
            self::Glass => 'Front and rear glass clean, cap off, viewfinder covered',
            self::Cable => 'Trigger cable seated at both ends, and one test photo taken through it',
            self::PowerUp => 'Rig switched on first, then the camera',
            self::Sleep => 'Sleep timers off, phone quiet',
            self::Batteries => 'Batteries full enough for every photo',
            self::Card => 'Room on the card for every photo',
            self::OwnTimer => 'Camera’s own timer set to the plan’s interval and count',
            self::Homed => 'Rig homed: it knows where it stands',
            self::Ends => 'Rig driven to both ends of the move, with nothing in its way',
            self::Keyframes => 'One test photo at each keyframe looked at',
            self::Level => 'Base level, checked along the whole pan',
            self::Legs => 'Legs spread and weighted, locks tight, ground firm, head balanced',
            self::Sled => 'Sled at A before the camera goes on; nobody turns the gears by hand under power',
            self::Incline => 'Carriage tied against coming down, nobody below it',
            self::Sun => 'Nobody looks through the finder at the sun, and the sensor is shielded until the start',
            self::Night => 'A red lamp for each hand, the way back walked once by day, cables marked',
            self::Cold => 'Spare batteries warm in a pocket, lens heated or hooded against dew',
            self::Edge => 'Tide table and way off known; kit clear of water, edges and traffic',
            self::Permission => 'Leave to be here, and local rules followed',
        };
    }

    /** The same, with what the plan says of it. */
    public function labelFor(Plan $plan): string
    {
        $set = $plan->settings->told();
        $lead = $plan->lead;

        return match (true) {
            $this === self::Autofocus && $set !== [] => ucfirst(implode(', ', $set)) . ($plan->settings->focus === FocusMode::Auto
                ? '; auto ISO off'
                : '; nothing else left to the camera'),
            $this === self::Cable && $lead->name !== null => "{$lead->name}: seated at both ends"
                . ($lead->hasHalfPress === true ? ', half-press wired' : '') . ', and fired once',
            $this === self::OwnTimer && $plan->film->kind === FilmKind::InCamera => 'Camera’s film mode set to its rate and its frames; the first trigger'
                . ' starts it, then the lead comes off',
            default => $this->label(),
        };
    }

    /** In a list of several. */
    public function inShort(): string
    {
        return match ($this) {
            self::Dial => 'mode dial', self::Autofocus => 'autofocus off', self::Aperture => 'aperture fixed', self::Glass => 'glass clean',
            self::Cable => 'trigger cable', self::PowerUp => 'rig on first', self::Sleep => 'sleep timers off', self::OwnTimer => 'camera’s own timer',
            self::Homed => 'rig homed', self::Ends => 'both ends', self::Keyframes => 'test photos', self::Legs => 'legs firm', self::Sled => 'sled at A',
            self::Incline => 'carriage tied', self::Night => 'red lamps', self::Cold => 'dew and cold', self::Edge => 'tide and edges',
            default => str_replace('_', ' ', $this->value),
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Dial => 'On the wrong mark, every exposure is another one than planned.',
            self::Autofocus => 'Any of them left on changes from photo to photo.',
            self::Aperture => 'One that reopens for each photo closes a little differently each time, and the clip flickers.',
            self::Glass => 'A speck or a leak is in every photo of the clip.',
            self::Cable => 'Half seated, no photo is taken, and everything else goes on.',
            self::PowerUp => 'Many controllers fire once when they start.',
            self::Batteries => 'What dies half-way ends the clip there.',
            self::Card => 'A full card takes no photo, and everything else goes on.',
            self::OwnTimer => 'Nothing else tells the camera when to fire.',
            self::Homed => 'A rig that does not know its place is somewhere else than planned.',
            self::Ends => 'A cable, a leg or a limit in the way stalls it in the dark.',
            self::Keyframes => 'Framing, focus and exposure are seen now, and not on playback.',
            self::Sleep => 'A camera that falls asleep between two photos misses the next.',
            self::Level => 'Off level, the horizon leans as the head pans.',
            self::Legs => 'What gives way by a millimetre jumps in the clip.',
            self::Sled => 'Gears driven backwards strip, and feed the motor’s own current back.',
            self::Incline => 'A carriage that slips comes down with the camera on it.',
            self::Sun => 'It burns eyes and sensors in a moment.',
            self::Night => 'Most falls happen on the way back.',
            self::Cold => 'Cold takes a third of a battery; dew takes the picture.',
            self::Edge => 'The water comes faster than a rig is packed.',
            self::Permission => 'Whoever is stopped half-way has no clip.',
        };
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
