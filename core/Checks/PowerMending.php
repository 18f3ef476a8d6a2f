<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\DeviceDrain;
use Evrent\Core\Budget\Feeds;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * What is said of a battery that does not last, and what mends it. Each remedy is tried before it is offered.
 */
final class PowerMending
{
    private const MOST_BATTERIES = 20;
    private const JOULES_PER_WATT_HOUR = 3_600.0;
    private const BANK_EFFICIENCY = 0.85;

    /** Power banks come in such sizes. */
    private const BANK_STEP_WATT_HOURS = 5.0;

    public static function finding(Shot $shot, FindingId $id, string $device, ?DeviceDrain $drain): ?Finding
    {
        $power = $shot->plan->power;
        if ($power === null || $drain === null || $drain->diesAtPhoto === null) {
            return null;
        }
        $spares = $drain->spares();

        return new Finding(
            $id,
            new Message("checks.power_mending.{$device}"),
            new Message('checks.power_mending.shortfall', ['diesAtPhoto' => $drain->diesAtPhoto]),
            new Message('checks.power_mending.sentence', [
                'neededJoules' => Quantity::rounded($drain->neededJoules / self::JOULES_PER_WATT_HOUR, 1),
                'temperatureText' => $shot->units->temperatureText($power->celsius),
                'oneJoules' => Quantity::rounded(
                    $drain->oneJoules * $drain->battery->count * $drain->battery->charge / self::JOULES_PER_WATT_HOUR,
                    1,
                ),
                'part' => $spares === 1
                    ? new Message('checks.power_mending.one_spare')
                    : new Message('checks.power_mending.spares', ['spares' => $spares]),
            ]),
            $drain->diesAtPhoto,
            $shot->schedule->photosTotal() - $drain->diesAtPhoto + 1,
            static fn (): array => array_values(array_filter([
                self::charged($shot, $power, $device, $drain),
                self::more($shot, $power, $device, $drain),
                self::bank($shot, $power, $device, $drain),
            ])),
        );
    }

    private static function charged(Shot $shot, Power $power, string $device, DeviceDrain $drain): ?Remedy
    {
        $full = new Battery($drain->battery->wattHours, $drain->battery->count);
        $mended = self::tried($shot, $device, self::withBattery($power, $device, $full));

        return $drain->battery->charge < 1.0 && $mended !== null ? new Remedy(
            'charge',
            new Message('checks.power_mending.charge'),
            '',
            $mended,
        ) : null;
    }

    private static function more(Shot $shot, Power $power, string $device, DeviceDrain $drain): ?Remedy
    {
        for ($count = $drain->batteries(); $count <= self::MOST_BATTERIES; $count++) {
            $mended = self::tried($shot, $device, self::withBattery($power, $device, new Battery($drain->battery->wattHours, $count)));
            if ($mended !== null) {
                return new Remedy(
                    'batteries',
                    new Message('checks.power_mending.more', ['count' => $count]),
                    new Message('checks.power_mending.change'),
                    $mended,
                );
            }
        }

        return null;
    }

    private static function bank(Shot $shot, Power $power, string $device, DeviceDrain $drain): ?Remedy
    {
        $own = $drain->battery->count * $drain->battery->charge * $drain->oneJoules;
        $had = $power->bank;
        $efficiency = $had->efficiency ?? self::BANK_EFFICIENCY;
        $fed = $had !== null && $had->feeds->value !== $device ? Feeds::Both : Feeds::from($device);
        $wattHours = ($had->wattHours ?? 0.0) + ($drain->neededJoules - $own) / self::JOULES_PER_WATT_HOUR / $efficiency / $power->coldShare();
        for ($try = 0; $try < 3; $try++) {
            $size = ceil($wattHours / self::BANK_STEP_WATT_HOURS) * self::BANK_STEP_WATT_HOURS;
            $bank = new PowerBank(min(100_000.0, $size), $fed, $efficiency);
            $mended = self::tried($shot, $device, new Power($power->camera, $power->rig, $bank, $power->celsius, $power->cold));
            if ($mended !== null) {
                return new Remedy(
                    'bank',
                    new Message('checks.power_mending.bank', ['size' => Quantity::number($size)]),
                    new Message('checks.power_mending.cable'),
                    $mended,
                );
            }
            $wattHours *= 1.6;
        }

        return null;
    }

    private static function withBattery(Power $power, string $device, Battery $battery): Power
    {
        $camera = $power->camera;
        $rig = $power->rig;
        if ($device === 'camera' && $camera !== null) {
            $camera = $camera->withBattery($battery);
        }
        if ($device === 'rig' && $rig !== null) {
            $rig = $rig->withBattery($battery);
        }

        return new Power($camera, $rig, $power->bank, $power->celsius, $power->cold);
    }

    /** The plan with other power, when the device lasts with it and the other does no worse. */
    private static function tried(Shot $shot, string $device, Power $power): ?Plan
    {
        $plan = $shot->plan->with(['power' => $power]);
        $before = $shot->drain();
        $after = $shot->under($plan)->drain();
        [$fed, $other, $otherBefore] = $device === 'camera' ? [$after?->camera, $after?->rig, $before?->rig] : [
            $after?->rig,
            $after?->camera,
            $before?->camera,
        ];
        $worse = $other?->diesAtPhoto !== null && $otherBefore?->diesAtPhoto === null;

        return $fed?->diesAtPhoto === null && !$worse ? $plan : null;
    }
}
