<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Words\Labelled;

/**
 * Kinds of kit, and what each is described by: names as in the open format, units in them.
 */
enum KitKind: string implements Labelled
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

    public function label(): Message
    {
        return new Message("kit.kind.{$this->value}");
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

    public function addressHelp(): Message
    {
        return match ($this) {
            self::Rig => new Message('kit.kit_kind.rig_address'),
            self::Body => new Message('kit.kit_kind.body_address'),
            default => new Message('kit.kit_kind.no_address'),
        };
    }

    public function plural(): Message
    {
        return new Message("kit.kinds.{$this->value}");
    }

    /**
     * @return array<string, KitField> by name
     */
    public function fields(): array
    {
        return match ($this) {
            self::Body => [
                'sensor_width_mm' => new KitField(new Message('kit.kit_kind.sensor_width'), 'mm', 1, 200, true),
                'sensor_height_mm' => new KitField(new Message('kit.kit_kind.sensor_height'), 'mm', 1, 200, true),
                'image_width_px' => new KitField(new Message('kit.kit_kind.photo_width'), 'px', 100, 100_000, true, true),
                'image_height_px' => new KitField(new Message('kit.kit_kind.photo_height'), 'px', 100, 100_000, true, true),
                'mass_kg' => new KitField(new Message('kit.kit_kind.mass'), 'kg', 0.01, 50),
                'raw_mb' => new KitField(new Message('kit.kit_kind.raw'), 'MB', 0, 2_000),
                'jpeg_mb' => new KitField('JPEG', 'MB', 0, 2_000),
                'write_s' => new KitField(new Message('kit.kit_kind.write'), 's', 0, 3_600),
                'set_s' => new KitField(new Message('kit.kit_kind.set'), 's', 0, 60),
                'buffer_frames' => new KitField(new Message('kit.kit_kind.buffer'), new Message('units.unit.photos'), 1, 10_000, false, true),
                'shutter_lag_s' => new KitField(new Message('kit.kit_kind.lag'), 's', 0, 60),
                'battery_wh' => new KitField(new Message('kit.kit_kind.battery'), 'Wh', 0.1, 10_000),
                'idle_w' => new KitField(new Message('kit.kit_kind.awake'), 'W', 0, 1_000),
                'exposing_w' => new KitField(new Message('kit.kit_kind.exposing'), 'W', 0, 1_000),
                'photo_j' => new KitField(new Message('kit.kit_kind.per_photo'), 'J', 0, 100_000),
                'lowest_iso' => new KitField(new Message('kit.kit_kind.iso_from'), '', 1, 1_000_000),
                'highest_iso' => new KitField(new Message('kit.kit_kind.iso_to'), '', 1, 10_000_000),
                'clock_ahead_s' => new KitField(new Message('kit.kit_kind.clock_ahead'), 's', -1e9, 1e9),
                'clock_drift_ppm' => new KitField(new Message('kit.kit_kind.clock_gains'), 'ppm', -100_000, 100_000),
                'interval_step_s' => new KitField(new Message('kit.kit_kind.steps'), 's', 0.001, 3_600),
                'counts_to' => new KitField(new Message('kit.kit_kind.counts'), new Message('units.unit.photos'), 1, 1_000_000, false, true),
            ],
            self::Lens => [
                'focal_mm' => new KitField(new Message('kit.kit_kind.focal'), 'mm', 1, 10_000, true),
                'widest_aperture' => new KitField(new Message('kit.kit_kind.aperture'), 'f/', 0.5, 128),
                'mass_kg' => new KitField(new Message('kit.kit_kind.mass'), 'kg', 0.01, 50),
            ],
            self::Rig => self::rigFields(),
            self::Legs => [
                'rating_kg' => new KitField(new Message('kit.kit_kind.rated'), 'kg', 0.1, 1_000, true),
                'mass_kg' => new KitField(new Message('kit.kit_kind.mass'), 'kg', 0.1, 100),
            ],
            self::Filter => ['nd_stops' => new KitField(new Message('kit.kit_kind.holds'), new Message('units.unit.stops'), 0.1, 30, true)],
            self::Card => ['capacity_gb' => new KitField(new Message('kit.kit_kind.usable'), 'GB', 0.001, 100_000, true)],
            self::CameraBattery, self::RigBattery => ['battery_wh' => new KitField(new Message('kit.kit_kind.capacity'), 'Wh', 0.1, 100_000, true)],
            self::PowerBank => [
                'capacity_wh' => new KitField(new Message('kit.kit_kind.capacity'), 'Wh', 0.1, 100_000, true),
                'efficiency' => new KitField(new Message('kit.kit_kind.usable_share'), '0…1', 0.05, 1),
            ],
            self::Cable => ['length_m' => new KitField(new Message('kit.kit_kind.length'), 'm', 0.01, 1_000)],
            self::Timer => [
                'interval_step_s' => new KitField(new Message('kit.kit_kind.steps'), 's', 0.001, 3_600),
                'counts_to' => new KitField(new Message('kit.kit_kind.counts'), new Message('units.unit.photos'), 1, 1_000_000, false, true),
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
            $name = Joined::capital(new Message("axes.{$axis}"));
            $fields["{$axis}_min"] = new KitField(new Message('kit.kit_kind.axis_from', ['name' => $name]), $unit, -$most, $most, beginsLine: true);
            $fields["{$axis}_max"] = new KitField(new Message('kit.kit_kind.axis_to', ['name' => $name]), $unit, -$most, $most);
            $fields["{$axis}_max_speed"] = new KitField(new Message('kit.kit_kind.axis_speed', ['name' => $name]), "{$unit}/s", 0.001, 10_000);
            $fields["{$axis}_max_acceleration"] = new KitField(new Message('kit.kit_kind.axis_acceleration', ['name' => $name]), "{$unit}/s²", 0.001, 100_000);
            $fields["{$axis}_steps_per_unit"] = new KitField(new Message('kit.kit_kind.axis_steps', ['name' => $name]), "/{$unit}", 0.001, 1_000_000);
            $fields["{$axis}_backlash"] = new KitField(new Message('kit.kit_kind.axis_backlash', ['name' => $name]), $unit, 0, 100);
            $fields["{$axis}_quiet_speed"] = new KitField(new Message('kit.kit_kind.axis_quiet', ['name' => $name]), "{$unit}/s", 0.001, 10_000);
            $fields["{$axis}_endless"]
                = new KitField(new Message('kit.kit_kind.axis_endless', ['name' => $name]), new Message('units.unit.yes'), 0, 1, false, true);
        }

        return $fields + [
            'settle_s' => new KitField(new Message('kit.kit_kind.settles'), 's', 0, 60, beginsLine: true),
            'head_kg' => new KitField(new Message('kit.kit_kind.head'), 'kg', 0, 100),
            'rig_kg' => new KitField(new Message('kit.kit_kind.slider'), 'kg', 0, 500),
            'carriage_rating_kg' => new KitField(new Message('kit.kit_kind.carriage'), 'kg', 0.1, 1_000),
            'thrust_n' => new KitField(new Message('kit.kit_kind.thrust'), 'N', 0.1, 100_000),
            'battery_wh' => new KitField(new Message('kit.kit_kind.rig_battery'), 'Wh', 0.1, 100_000, beginsLine: true),
            'moving_w' => new KitField(new Message('kit.kit_kind.moving'), 'W', 0, 10_000),
            'holding_w' => new KitField(new Message('kit.kit_kind.holding'), 'W', 0, 10_000),
            'idle_w' => new KitField(new Message('kit.kit_kind.idle'), 'W', 0, 10_000),
            'mains' => new KitField(new Message('kit.kit_kind.mains'), new Message('units.unit.yes'), 0, 1, false, true),
            'counterweight_kg' => new KitField(new Message('kit.kit_kind.counterweight'), 'kg', 0, 1_000),
        ];
    }
}
