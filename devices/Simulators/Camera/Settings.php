<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Devices\Protocol\Ptp\ExposureUnits;
use Evrent\Devices\Protocol\Ptp\Property;
use Evrent\Devices\Simulators\Clock;

/**
 * What can be set on the simulated camera, as PTP counts it: ten-thousandths of a second, hundredths of an f-number.
 */
final class Settings
{
    private const UNITS_PER_SECOND = 10_000;
    private const UNITS_PER_F = 100;
    public const FOCUS_MANUAL = 1;
    public const FOCUS_AUTO = 2;
    public const WHITE_BALANCE_AUTO = 2;
    private const MILLISECONDS_PER_SECOND = 1_000;
    private const SHORTEST_MILLISECONDS = 100;
    private const LONGEST_MILLISECONDS = 3_600_000;
    private const MOST_PHOTOS = 9_999;

    private const SHUTTERS = [
        1, 2, 3, 4, 5, 6, 8, 10, 13, 16, 20, 25, 31, 40, 50, 62, 80, 100, 125, 166, 200, 250, 333, 400, 500, 666, 769, 1000, 1250, 1666, 2000, 2500, 3333,
        4000, 5000, 6000, 8000, 10_000, 13_000, 16_000, 20_000, 25_000, 32_000, 40_000, 50_000, 60_000, 80_000, 100_000, 130_000, 150_000, 200_000,
        250_000, 300_000, ExposureUnits::BULB,
    ];
    private const APERTURES = [
        140, 160, 180, 200, 220, 250, 280, 320, 350, 400, 450, 500, 560, 630, 710, 800, 900, 1000, 1100, 1300, 1400, 1600, 1800, 2000, 2200,
    ];
    private const ISOS = [100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 12_800, 25_600, 51_200];

    /** What a body stands on that somebody takes out of its bag. */
    private const STARTS_SECONDS = 1 / 125;
    private const STARTS_APERTURE = 5.6;
    private const STARTS_ISO = 400.0;

    /** @var array<int, int> by property */
    private array $values;

    public function __construct(?Plan $plan)
    {
        $exposure = $plan?->timing->exposure->keys[0]['seconds'] ?? self::STARTS_SECONDS;
        $byRig = $plan?->camera->exposureTimedBy === TimedBy::Controller;
        $this->values = [
            Property::WhiteBalance->value => $plan === null ? self::WHITE_BALANCE_AUTO : 4,
            Property::FNumber->value => (int) round(($plan === null ? self::STARTS_APERTURE : $plan->light->aperture ?? 8.0) * self::UNITS_PER_F),
            Property::FocusMode->value => $plan === null ? self::FOCUS_AUTO : self::FOCUS_MANUAL,
            Property::ExposureTime->value => $byRig ? ExposureUnits::BULB : (int) max(1, round($exposure * self::UNITS_PER_SECOND)),
            Property::ExposureIndex->value => (int) min(51_200, $plan === null ? self::STARTS_ISO : $plan->light->iso ?? 100.0),
            Property::CaptureDelay->value => 0,
            Property::SleepAfter->value => 0,
            Property::ReviewTime->value => 0,
            Property::WorldSpeed->value => 1,
            Property::TimelapseNumber->value => min(self::MOST_PHOTOS, $plan?->photosProgrammed() ?? 0),
            Property::TimelapseInterval->value => self::interval($plan),
        ];
    }

    public function has(Property $property): bool
    {
        return isset($this->values[$property->value]);
    }

    public function get(Property $property): int
    {
        return $this->values[$property->value];
    }

    /** @return bool whether it can be that */
    public function set(Property $property, int $value): bool
    {
        if (!isset($this->values[$property->value]) || !$this->mayBe($property, $value)) {
            return false;
        }
        $this->values[$property->value] = $value;

        return true;
    }

    private function mayBe(Property $property, int $value): bool
    {
        return match ($property) {
            Property::WorldSpeed => $value >= 1 && $value <= (int) Clock::MOST_SPEED,
            Property::TimelapseNumber => $value >= 0 && $value <= self::MOST_PHOTOS,
            Property::TimelapseInterval => $value >= self::SHORTEST_MILLISECONDS && $value <= self::LONGEST_MILLISECONDS,
            default => in_array($value, [...self::choices($property), $this->values[$property->value]], true),
        };
    }

    /** Between two photos of its own timer. */
    public function intervalSeconds(): float
    {
        return $this->get(Property::TimelapseInterval) / self::MILLISECONDS_PER_SECOND;
    }

    /** How many its own timer takes; null without an end. */
    public function photos(): ?int
    {
        $photos = $this->get(Property::TimelapseNumber);

        return $photos === 0 ? null : $photos;
    }

    private static function interval(?Plan $plan): int
    {
        $seconds = $plan === null ? 5.0 : $plan->trigger->cameraIntervalSeconds ?? Schedule::of($plan)->intervalSeconds[0];

        return (int) max(self::SHORTEST_MILLISECONDS, min(self::LONGEST_MILLISECONDS, round($seconds * self::MILLISECONDS_PER_SECOND)));
    }

    /** @return list<int> what it can be set to */
    public function offered(Property $property): array
    {
        $choices = self::choices($property);
        $now = $this->values[$property->value];

        return in_array($now, $choices, true) ? $choices : [...$choices, $now];
    }

    public function isBulb(): bool
    {
        return $this->get(Property::ExposureTime) === ExposureUnits::BULB;
    }

    public function exposureSeconds(): float
    {
        return ExposureUnits::seconds($this->get(Property::ExposureTime));
    }

    public function fNumber(): float
    {
        return $this->get(Property::FNumber) / self::UNITS_PER_F;
    }

    public function iso(): int
    {
        return $this->get(Property::ExposureIndex);
    }

    /** @return list<int> */
    private static function choices(Property $property): array
    {
        return match ($property) {
            Property::ExposureTime => self::SHUTTERS,
            Property::FNumber => self::APERTURES,
            Property::ExposureIndex => self::ISOS,
            Property::FocusMode => [self::FOCUS_MANUAL, self::FOCUS_AUTO],
            Property::WhiteBalance => [self::WHITE_BALANCE_AUTO, 4, 6, 7],
            Property::CaptureDelay => [0, 2_000, 10_000],
            Property::SleepAfter => [0, 30, 60, 300],
            Property::ReviewTime => [0, 2, 4, 8],
            Property::WorldSpeed => [1, 10, 60, 200],
            default => [],
        };
    }
}
