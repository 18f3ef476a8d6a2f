<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use App\Models\Setting;
use DateTimeInterface;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\ClockTime;
use Evrent\Devices\Photos\Decoder;
use Evrent\Devices\Photos\PhotoFolder;
use Evrent\Devices\Photos\PhotoRoots;
use Evrent\Words\Words;
use Illuminate\Database\QueryException;

/**
 * How this shooter wants things: language, units, clock and dates, what new shots begin with, keys and looks.
 */
final readonly class Settings
{
    /** What may be chosen for each, the usual first. */
    public const CHOICES = [
        'language' => ['' => 'app.settings.language_of_browser', 'en' => 'English', 'es' => 'Español'],
        'rig_unit' => ['mm' => 'app.settings.millimetres', 'cm' => 'app.settings.centimetres', 'in' => 'app.settings.inches'],
        'distance_unit' => ['m' => 'app.settings.metres', 'ft' => 'app.settings.feet'],
        'temperature_unit' => ['°C' => 'app.settings.celsius', '°F' => 'app.settings.fahrenheit'],
        'clock' => ['24' => 'app.settings.hours_24', '12' => 'app.settings.hours_12'],
        'dates' => ['dmy' => 'app.settings.dmy', 'mdy' => 'app.settings.mdy', 'ymd' => '2027-03-23'],
        'week' => ['1' => 'app.settings.monday', '7' => 'app.settings.sunday', '6' => 'app.settings.saturday'],
        'rate' => ['' => 'app.settings.starter_rate', '24' => '24', '25' => '25', '30' => '30', '50' => '50', '60' => '60'],
        'starter' => StarterPlans::STARTERS,
        'keys' => ['on' => 'app.settings.keys_on', 'off' => 'app.settings.keys_off'],
        'look_by_time' => ['no' => 'app.settings.look_stays', 'yes' => 'app.settings.look_by_time'],
    ];

    /** Minutes around a new shot, and what they are usually. */
    public const MINUTES = ['setup_minutes' => 30, 'teardown_minutes' => 15];

    /** The largest photo that is decoded, megapixels. */
    public const MEGAPIXELS = 'photo_megapixels';

    /** Folders on this machine that photos may be read from, one in each line. */
    public const FOLDERS = 'photo_folders';

    public ShownUnits $units;

    /**
     * @param array<string, string> $values by name
     */
    public function __construct(private array $values)
    {
        // @phpstan-ignore-next-line only what CHOICES lists comes through `get`
        $this->units = new ShownUnits($this->get('rig_unit'), $this->get('distance_unit'), $this->get('temperature_unit'));
    }

    public static function kept(): self
    {
        try {
            /** @var array<string, string> $values */
            $values = Setting::query()->pluck('value', 'name')->all();
        } catch (QueryException) {
            // Whoever asks next is told that the database is away; a page that says so needs none of these.
            $values = [];
        }

        return new self($values);
    }

    public static function label(string $name): string
    {
        return Words::of("app.settings.label_{$name}");
    }

    /** @return array<array-key, string> what may be chosen, in words */
    public static function options(string $name): array
    {
        return array_map(static fn (string $choice): string => str_starts_with($choice, 'app.') ? Words::of($choice) : $choice, self::CHOICES[$name]);
    }

    /** What is chosen, or else what is usual. */
    public function get(string $name): string
    {
        $usual = $name === 'starter' ? StarterPlans::USUAL : (string) array_key_first(self::CHOICES[$name]);
        $value = $this->values[$name] ?? $usual;

        return isset(self::CHOICES[$name][$value]) ? $value : $usual;
    }

    public function minutes(string $name): int
    {
        return (int) ($this->values[$name] ?? self::MINUTES[$name]);
    }

    public function megapixels(): int
    {
        return (int) ($this->values[self::MEGAPIXELS] ?? Decoder::MOST_MEGAPIXELS);
    }

    /**
     * @return array{setup_minutes: int, teardown_minutes: int}
     */
    public function aroundNewShot(): array
    {
        return ['setup_minutes' => $this->minutes('setup_minutes'), 'teardown_minutes' => $this->minutes('teardown_minutes')];
    }

    /**
     * A plan that a new shot starts from, with the rate and the warning limits that are wanted.
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function begun(Plan $plan): Plan
    {
        return TypedPlan::change($plan, array_filter([
            'timing' => array_filter(['frames_per_second' => $this->get('rate')], static fn (string $rate): bool => $rate !== ''),
            'thresholds' => $this->limits(),
        ], static fn (array $fields): bool => $fields !== []));
    }

    /**
     * @return array<string, string> warning limits of new shots as they are typed, by field; those that are usual are not there
     */
    public function limits(): array
    {
        $limits = [];
        foreach ($this->values as $name => $value) {
            if (str_starts_with($name, 'limit_') && $value !== '') {
                $limits[substr($name, 6)] = $value;
            }
        }

        return $limits;
    }

    /** @return array<string, string> what stands in the fields */
    public function texts(): array
    {
        $texts = [];
        foreach (array_keys(self::CHOICES) as $name) {
            $texts[$name] = $this->get($name);
        }
        foreach (array_keys(self::MINUTES) as $name) {
            $texts[$name] = (string) $this->minutes($name);
        }
        $texts[self::MEGAPIXELS] = (string) $this->megapixels();
        $texts[self::FOLDERS] = $this->values[self::FOLDERS] ?? '';
        foreach (array_keys(Limits::FIELDS) as $name) {
            $texts["limit_{$name}"] = $this->limits()[$name] ?? '';
        }

        return $texts;
    }

    /** @return list<string> folders that photos may be read from, the simulated camera's card among them */
    public function photoFolders(): array
    {
        $roots = self::roots();
        $named = array_map(trim(...), explode("\n", $this->values[self::FOLDERS] ?? ''));
        $card = config()->string('evrent.card');

        return [
            ...array_values(array_filter($named, static fn (string $folder): bool => $roots->whyNot($folder) === null)),
            ...($card === '' ? [] : [$card]),
        ];
    }

    /** Whether a folder, or a file in one, may be read: asked again each time, since folders, links and settings change. */
    public function mayRead(string $path): bool
    {
        // The card and what was sent lie in Evrent's own folders.
        $ours = array_filter([config()->string('evrent.card'), CardReading::uploads()], static fn (string $folder): bool => $folder !== '');

        return PhotoFolder::isWithin($path, array_values($ours)) || self::roots()->mayRead($path, $this->photoFolders());
    }

    public static function roots(): PhotoRoots
    {
        $own = [base_path(), storage_path(), config()->string('evrent.run')];

        return new PhotoRoots(
            array_values(array_filter(explode(':', config()->string('evrent.photo_roots')), static fn (string $folder): bool => $folder !== '')),
            array_values(array_filter($own, static fn (string $folder): bool => $folder !== '')),
        );
    }

    /** Times of day in a text, on the clock that was chosen. */
    public function clock(Text|string|null $text): string
    {
        return $this->get('clock') === '12' ? ClockTime::twelveHours(Words::say($text)) : Words::say($text);
    }

    /** A day, in the order that was chosen. */
    public function date(DateTimeInterface $day, bool $withWeekday = false): string
    {
        return Words::date($day, 'units.dates.' . ($withWeekday ? 'weekday_' : '') . $this->get('dates'));
    }

    /** When something was done, on this machine's clock. */
    public function moment(DateTimeInterface $at, bool $withSeconds = false): string
    {
        return Words::date($at, "units.dates.short_{$this->get('dates')}") . ' ' . $this->clock($at->format($withSeconds ? 'H:i:s' : 'H:i'));
    }
}
