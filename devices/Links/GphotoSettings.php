<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Closure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use Evrent\Core\Words\FileName;

/**
 * What gphoto2 says of a body's settings and their choices, which bodies name differently. What goes into its shell is names of ours and numbers alone:
 * it has no quoting.
 */
final class GphotoSettings
{
    private const NAMES = [
        'shutter_time' => ['shutterspeed', 'shutterspeed2', 'exposuretime', 'exptime'], 'aperture' => ['f-number', 'aperture'], 'iso' => ['iso'],
        'white_balance' => ['whitebalance'],
    ];
    private const KELVIN = 'colortemperature';
    private const SIMULATED = 'Evrent Simulated body';

    /** The kind of white balance that a number of kelvin belongs to. */
    private const BY_KELVIN = '/colou?r ?temp|kelvin|^manual$/i';
    private const MOST_STEPS = 1_000;

    /** @var array<string, string> by setting: the name that this body has for it */
    private array $names = [];

    /** @var array<string, array<array-key, int>> entries of each list with their places, by name */
    private array $lists = [];

    private bool $hasKelvin = false;

    /**
     * @param Closure(string): string $ask a line, and what came back
     */
    public function __construct(private readonly Closure $ask)
    {
    }

    public function choices(BodySetting $setting): ?Choices
    {
        foreach (self::NAMES[$setting->value] as $name) {
            $said = $this->read($name);
            $entries = $this->entries($name, $said);
            if ($entries !== []) {
                $this->names[$setting->value] = $name;

                return Choices::of($setting, $setting === BodySetting::WhiteBalance ? [...$this->kelvins($entries), ...$entries] : $entries);
            }
        }

        return null;
    }

    /**
     * @throws DeviceRefused
     */
    public function set(BodySetting $setting, Choice $choice): void
    {
        $name = $this->names[$setting->value] ?? '';
        $place = $this->lists[$name][$choice->entry] ?? null;
        if ($place !== null) {
            ($this->ask)("set-config-index {$name}={$place}");

            return;
        }
        if (!$this->hasKelvin || $choice->value === null) {
            throw new DeviceRefused(new Message('devices.camera.not_listed', ['entry' => $choice->entry]));
        }
        foreach ($this->lists[$name] as $kind => $at) {
            if (preg_match(self::BY_KELVIN, (string) $kind) === 1) {
                ($this->ask)("set-config-index {$name}={$at}");
                break;
            }
        }
        $kelvin = (int) $choice->value;
        $place = $this->lists[self::KELVIN][$choice->entry] ?? null;
        ($this->ask)($place === null ? 'set-config-value ' . self::KELVIN . "={$kelvin}" : 'set-config-index ' . self::KELVIN . "={$place}");
    }

    public function isSetTo(BodySetting $setting): ?Choice
    {
        $current = self::current($this->read($this->names[$setting->value] ?? self::NAMES[$setting->value][0]));
        if ($setting === BodySetting::WhiteBalance && $this->hasKelvin && preg_match(self::BY_KELVIN, $current ?? '') === 1) {
            $current = self::current($this->read(self::KELVIN)) ?? $current;
        }

        return $current === null ? null : Choice::of($setting, $current);
    }

    /** @return array<string, string> what the body is set to, by what it is */
    public function all(): array
    {
        $settings = [];
        foreach (['focus mode' => 'focusmode'] as $what => $name) {
            $current = self::current($this->read($name));
            $settings += $current === null ? [] : [$what => $current];
        }
        foreach (BodySetting::cases() as $setting) {
            $is = $this->isSetTo($setting);
            $settings += $is === null ? [] : [$setting->words() => $is->entry];
        }

        return $settings;
    }

    /** @return array{model?: string, serial?: string} */
    public function identity(): array
    {
        $maker = self::current($this->read('manufacturer')) ?? '';

        return array_filter(
            ['model' => trim($maker . ' ' . (self::current($this->read('cameramodel')) ?? '')), 'serial' => self::current($this->read('serialnumber')) ?? ''],
            static fn (string $text): bool => $text !== '' && $text !== 'None',
        );
    }

    /** The simulated camera's own properties, by number: on any other body they are something else. */
    public function worldSpeed(): ?float
    {
        return ($this->identity()['model'] ?? '') === self::SIMULATED ? (float) self::current($this->read('d103')) : null;
    }

    public function worldAhead(): float
    {
        return $this->worldSpeed() === null ? 0.0 : (float) self::current($this->read('d104'));
    }

    public function runAt(float $worldSpeed): void
    {
        ($this->ask)('set-config-value d103=' . (int) $worldSpeed);
    }

    /** @return list<string> */
    public function settable(): array
    {
        $said = $this->read('focusmode');
        $clock = $this->read('datetime');

        return [
            ...($this->manualFocus($said) === null ? [] : [Contradictions::FOCUS]),
            ...(self::current($clock) !== null && preg_match('/^Readonly: 1/m', $clock) !== 1 ? [Contradictions::CLOCK] : []),
        ];
    }

    /** @throws DeviceRefused */
    public function focusManually(): void
    {
        $place = $this->manualFocus($this->read('focusmode')) ?? throw new DeviceRefused(new Message('devices.camera.no_manual_focus'));
        ($this->ask)("set-config-index focusmode={$place}");
    }

    /** @return ?int its place in the list; null where it is not there, or cannot be chosen */
    private function manualFocus(string $said): ?int
    {
        foreach ($this->entries('focusmode', $said) as $entry) {
            if (preg_match('/^(?:manual|mf\b)/i', $entry) === 1) {
                return $this->lists['focusmode'][$entry];
            }
        }

        return null;
    }

    private function read(string $name): string
    {
        return ($this->ask)("get-config {$name}");
    }

    private static function current(string $said): ?string
    {
        return preg_match('/^Current: (.+)$/m', $said, $found) === 1 ? FileName::shown(trim($found[1])) : null;
    }

    /** @return list<string> what can be chosen; empty where nothing can */
    private function entries(string $name, string $said): array
    {
        $this->lists[$name] = [];
        if (preg_match('/^Readonly: 1/m', $said) === 1) {
            return [];
        }
        preg_match_all('/^Choice: (\d+) (.+)$/m', $said, $found, PREG_SET_ORDER);
        foreach ($found as [, $place, $entry]) {
            $this->lists[$name] += [FileName::shown(trim($entry)) => (int) $place];
        }

        return array_map(strval(...), array_keys($this->lists[$name]));
    }

    /**
     * @param list<string> $kinds of white balance that the body has
     *
     * @return list<string> numbers of kelvin that it has beside them
     */
    private function kelvins(array $kinds): array
    {
        $said = $this->read(self::KELVIN);
        $listed = $this->entries(self::KELVIN, $said);
        $range = preg_match('/^Bottom: (\d+)\D.*?^Top: (\d+)\D.*?^Step: (\d+)/ms', $said, $found) === 1 ? array_map(intval(...), array_slice($found, 1)) : null;
        if ($range !== null && $range[2] > 0 && $range[1] > $range[0] && ($range[1] - $range[0]) / $range[2] < self::MOST_STEPS) {
            $listed = array_map(strval(...), range($range[0], $range[1], $range[2]));
        }
        $this->hasKelvin = $listed !== [] && preg_grep(self::BY_KELVIN, $kinds) !== [];

        return $this->hasKelvin ? $listed : [];
    }
}
