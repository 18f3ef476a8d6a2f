<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Motion\AxisRole;

/**
 * Kinds of kit, and what each is described by: names as in the open format, units in them.
 */
enum KitKind: string
{
    case Body = 'body';
    case Lens = 'lens';
    case Rig = 'rig';
    case Legs = 'legs';
    case Filter = 'filter';
    case Card = 'card';
    case CameraBattery = 'camera_battery';
    case RigBattery = 'rig_battery';
    case PowerBank = 'power_bank';
    case Cable = 'cable';
    case Timer = 'timer';

    /** Of these a shot takes one; another takes its place. */
    public function isSingle(): bool
    {
        return in_array($this, [self::Body, self::Lens, self::Rig, self::Legs, self::PowerBank, self::Timer], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::Filter => 'ND filter',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** Whether it has a timer, which may have a list of intervals of its own. */
    public function hasTimer(): bool
    {
        return in_array($this, [self::Body, self::Timer], true);
    }

    /** What an address of this kind looks like; null where it has none. */
    public function addressFormat(): ?string
    {
        return match ($this) {
            self::Rig => '~^(?:sim|[\w.-]+:\d{1,5}|/dev/[\w./-]+(?:@\d+)?)$~D',
            self::Body => '~^(?:deaf|own|(?:own:)?(?:sim|ptp:[\w.-]+:\d{1,5}|ptpip:[\w.:-]+|usb:[\d,]*))$~D',
            default => null,
        };
    }

    public function addressHelp(): string
    {
        return match ($this) {
            self::Rig => 'Enter a host and a port such as 127.0.0.1:7801, a serial port such as /dev/ttyUSB0, or sim for the simulated one.',
            self::Body => 'Enter usb:, ptpip:HOST:PORT:PORT, ptp:HOST:PORT or sim for the simulated one, own: before one of them or own for a camera on '
                . 'its own timer, or leave it empty for the trigger line alone.',
            default => 'Only rigs and bodies have an address. Leave it empty.',
        };
    }

    public function plural(): string
    {
        return match ($this) {
            self::Body => 'Bodies',
            self::Lens => 'Lenses',
            self::Legs => 'Legs',
            self::CameraBattery => 'Camera batteries',
            self::RigBattery => 'Rig batteries',
            default => ucfirst($this->label()) . 's',
        };
    }

    /**
     * @return array<string, KitField> by name
     */
    public function fields(): array
    {
        return match ($this) {
            self::Body => [
                'sensor_width_mm' => new KitField('Sensor width', 'mm', 1, 200, true),
                'sensor_height_mm' => new KitField('Sensor height', 'mm', 1, 200, true),
                'image_width_px' => new KitField('Photo width', 'px', 100, 100_000, true, true),
                'image_height_px' => new KitField('Photo height', 'px', 100, 100_000, true, true),
                'mass_kg' => new KitField('Mass', 'kg', 0.01, 50),
                'raw_mb' => new KitField('Raw file', 'MB', 0, 2_000),
                'jpeg_mb' => new KitField('JPEG', 'MB', 0, 2_000),
                'write_s' => new KitField('Writes a photo in', 's', 0, 3_600),
                'set_s' => new KitField('Is set in', 's', 0, 60),
                'buffer_frames' => new KitField('Buffer', 'photos', 1, 10_000, false, true),
                'shutter_lag_s' => new KitField('Shutter lag', 's', 0, 60),
                'battery_wh' => new KitField('Battery', 'Wh', 0.1, 10_000),
                'idle_w' => new KitField('Draws awake', 'W', 0, 1_000),
                'exposing_w' => new KitField('Draws exposing', 'W', 0, 1_000),
                'photo_j' => new KitField('Takes for a photo', 'J', 0, 100_000),
                'lowest_iso' => new KitField('ISO from', '', 1, 1_000_000),
                'highest_iso' => new KitField('ISO to', '', 1, 10_000_000),
                'clock_ahead_s' => new KitField('Clock ahead by', 's', -1e9, 1e9),
                'clock_drift_ppm' => new KitField('and gains', 'ppm', -100_000, 100_000),
                'interval_step_s' => new KitField('Its timer set in steps of', 's', 0.001, 3_600),
                'counts_to' => new KitField('and counts up to', 'photos', 1, 1_000_000, false, true),
            ],
            self::Lens => [
                'focal_mm' => new KitField('Focal length', 'mm', 1, 10_000, true),
                'widest_aperture' => new KitField('Widest aperture', 'f/', 0.5, 128),
                'mass_kg' => new KitField('Mass', 'kg', 0.01, 50),
            ],
            self::Rig => self::rigFields(),
            self::Legs => [
                'rating_kg' => new KitField('Rated for', 'kg', 0.1, 1_000, true),
                'mass_kg' => new KitField('Mass', 'kg', 0.1, 100),
            ],
            self::Filter => ['nd_stops' => new KitField('Takes', 'stops', 0.1, 30, true)],
            self::Card => ['capacity_gb' => new KitField('Usable space', 'GB', 0.001, 100_000, true)],
            self::CameraBattery, self::RigBattery => ['battery_wh' => new KitField('Capacity', 'Wh', 0.1, 100_000, true)],
            self::PowerBank => [
                'capacity_wh' => new KitField('Capacity', 'Wh', 0.1, 100_000, true),
                'efficiency' => new KitField('Gives of that', '0…1', 0.05, 1),
            ],
            self::Cable => ['length_m' => new KitField('Length', 'm', 0.01, 1_000)],
            self::Timer => [
                'interval_step_s' => new KitField('Set in steps of', 's', 0.001, 3_600),
                'counts_to' => new KitField('Counts up to', 'photos', 1, 1_000_000, false, true),
            ],
        };
    }

    /**
     * @return array<string, KitField>
     */
    private static function rigFields(): array
    {
        $fields = [];
        foreach (AxisRole::known() as $role) {
            [$axis, $unit, $most] = [$role->value, $role->kind()->unit(), $role->most()];
            $name = ucfirst($axis);
            $fields["{$axis}_min"] = new KitField("{$name} from", $unit, -$most, $most, beginsLine: true);
            $fields["{$axis}_max"] = new KitField("{$name} to", $unit, -$most, $most);
            $fields["{$axis}_max_speed"] = new KitField("{$name} top speed", "{$unit}/s", 0.001, 10_000);
            $fields["{$axis}_max_acceleration"] = new KitField("{$name} acceleration", "{$unit}/s²", 0.001, 100_000);
            $fields["{$axis}_steps_per_unit"] = new KitField("{$name} steps", "/{$unit}", 0.001, 1_000_000);
            $fields["{$axis}_backlash"] = new KitField("{$name} backlash", $unit, 0, 100);
            $fields["{$axis}_quiet_speed"] = new KitField("{$name} quiet up to", "{$unit}/s", 0.001, 10_000);
            $fields["{$axis}_endless"] = new KitField("{$name} has no ends", '1 = yes', 0, 1, false, true);
        }

        return $fields + [
            'settle_s' => new KitField('Settles in', 's', 0, 60, beginsLine: true),
            'head_kg' => new KitField('Head and carriage', 'kg', 0, 100),
            'rig_kg' => new KitField('Slider', 'kg', 0, 500),
            'carriage_rating_kg' => new KitField('Carriage rated for', 'kg', 0.1, 1_000),
            'thrust_n' => new KitField('Thrust', 'N', 0.1, 100_000),
            'battery_wh' => new KitField('Battery', 'Wh', 0.1, 100_000, beginsLine: true),
            'moving_w' => new KitField('Draws moving', 'W', 0, 10_000),
            'holding_w' => new KitField('Draws holding', 'W', 0, 10_000),
            'idle_w' => new KitField('Draws idle', 'W', 0, 10_000),
            'mains' => new KitField('Runs from mains', '1 = yes', 0, 1, false, true),
            'counterweight_kg' => new KitField('Counterweight', 'kg', 0, 1_000),
        ];
    }
}
