<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\DeviceDrain;
use Evrent\Core\Budget\Feeds;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Schedule\Phase;
use Evrent\Core\Schedule\Schedule;

/**
 * How a shot drains what feeds it. A power bank carries the load before a device's own battery does; cold takes its share of
 * every capacity. The camera draws for exposing or waiting, and for each photo; the rig for moving, for holding its place
 * between moves, and little before and after them.
 */
final class Drain
{
    private const JOULES_PER_WATT_HOUR = 3_600.0;

    private function __construct(
        public readonly ?DeviceDrain $camera,
        public readonly ?DeviceDrain $rig,
        public readonly ?float $bankLeft,
    ) {
    }

    /** Null where the plan says nothing of power, or there is no clock. */
    public static function of(Schedule $schedule): ?self
    {
        $power = $schedule->plan->power;

        return $power === null || !$schedule->plan->timing->mode->hasClock() ? null : self::drained($schedule, $power);
    }

    /**
     * How many photos each device's batteries last, by what a photo of this shot takes on the average. A power bank carries its load first.
     *
     * @return array<string, int> by device: camera, rig; none where the plan says nothing of its power
     */
    public static function photosUntilOut(Schedule $schedule): array
    {
        $power = $schedule->plan->power;
        if ($power === null || !$schedule->plan->timing->mode->hasClock()) {
            return [];
        }
        $joules = self::JOULES_PER_WATT_HOUR * $power->coldShare();
        $use = array_filter([
            'camera' => self::cameraJoules($schedule, $power->camera),
            'rig' => $schedule->plan->rig->axes === [] ? [] : self::rigJoules($schedule, $power->rig),
        ]);
        $mean = array_map(static fn (array $column): float => array_sum($column) / count($column), $use);
        $fed = $power->bank === null ? [] : array_filter(
            $mean,
            static fn (string $name): bool => in_array($power->bank->feeds, [Feeds::Both, $name === 'camera' ? Feeds::Camera : Feeds::Rig], true),
            ARRAY_FILTER_USE_KEY,
        );
        $fromBank = $power->bank === null || array_sum($fed) <= 0.0
            ? 0.0
            : $power->bank->wattHours * $power->bank->efficiency * $power->bank->charge * $joules / array_sum($fed);
        $photos = [];
        foreach (self::onBatteries($power) as $name => $device) {
            $each = $mean[$name] ?? 0.0;
            if ($each > 0.0) {
                $own = $device->battery->wattHours * $device->battery->count * $device->battery->charge * $joules / $each;
                $photos[$name] = (int) floor(min(1e9, $own + (isset($fed[$name]) ? $fromBank : 0.0)));
            }
        }

        return $photos;
    }

    /**
     * @return array<'camera'|'rig', CameraPower|RigPower> what no mains feeds
     */
    private static function onBatteries(Power $power): array
    {
        return array_filter(
            array_filter(['camera' => $power->camera, 'rig' => $power->rig]),
            static fn (CameraPower|RigPower $device): bool => !$device->isOnMains,
        );
    }

    private static function drained(Schedule $schedule, Power $power): self
    {
        $joules = self::JOULES_PER_WATT_HOUR * $power->coldShare();
        $bank = $power->bank === null ? 0.0 : $power->bank->wattHours * $power->bank->efficiency * $power->bank->charge * $joules;
        $bankAtStart = $bank;
        $devices = self::onBatteries($power);
        $use = ['camera' => self::cameraJoules($schedule, $power->camera), 'rig' => self::rigJoules($schedule, $power->rig)];
        $charges = $dies = [];
        $left = $full = $needed = ['camera' => 0.0, 'rig' => 0.0];
        foreach ($devices as $name => $device) {
            $full[$name] = $device->battery->wattHours * $device->battery->count * $joules;
            $left[$name] = $full[$name] * $device->battery->charge;
        }
        for ($n = 0; $n < $schedule->photosTotal(); $n++) {
            foreach (array_keys($devices) as $name) {
                $drawn = $use[$name][$n];
                if ($power->bank !== null && in_array($power->bank->feeds, [Feeds::Both, $name === 'camera' ? Feeds::Camera : Feeds::Rig], true)) {
                    $fromBank = min($bank, $drawn);
                    [$bank, $drawn] = [$bank - $fromBank, $drawn - $fromBank];
                }
                $needed[$name] += $drawn;
                $left[$name] -= $drawn;
                if ($left[$name] < -1e-9) {
                    $dies[$name] ??= $n + 1;
                }
                $charges[$name][] = max(0.0, $left[$name] / $full[$name]);
            }
        }
        $made = [];
        foreach ($devices as $name => $device) {
            $made[$name] = new DeviceDrain(
                $charges[$name] ?? [],
                $dies[$name] ?? null,
                $needed[$name],
                $device->battery->wattHours * $joules,
                $device->battery,
            );
        }

        return new self($made['camera'] ?? null, $made['rig'] ?? null, $bankAtStart > 0.0 ? $bank / $bankAtStart : null);
    }

    /**
     * @return list<float> by photo
     */
    private static function cameraJoules(Schedule $schedule, ?CameraPower $camera): array
    {
        if ($camera === null) {
            return [];
        }
        $joules = [];
        foreach (self::spans($schedule) as $n => $span) {
            $exposing = min($span, $schedule->plan->camera->shutterBusySeconds($schedule->exposureSeconds[$n]));
            $joules[] = $exposing * $camera->exposingWatts + $camera->waitingJoules($span - $exposing) + $camera->photoJoules;
        }
        $joules[0] += $camera->waitingJoules($schedule->plan->timing->startDelaySeconds);

        return $joules;
    }

    /**
     * @return list<float> by photo
     */
    private static function rigJoules(Schedule $schedule, ?RigPower $rig): array
    {
        if ($rig === null) {
            return [];
        }
        $joules = [];
        $stops = $schedule->plan->timing->mode->stops();
        foreach (self::spans($schedule) as $n => $span) {
            $travels = in_array($schedule->order->phases[$n], [Phase::Move, Phase::Hold], true);
            $goesOn = $travels && ($schedule->order->travelIndices[$n + 1] ?? $schedule->order->travelIndices[$n]) !== $schedule->order->travelIndices[$n];
            $moving = min($span, $stops ? $schedule->moves->moveSeconds[$n] : ($goesOn ? $span : 0.0));
            $joules[] = $moving * $rig->movingWatts + ($span - $moving) * ($travels ? $rig->holdingWatts : $rig->idleWatts);
        }
        $joules[0] += $schedule->plan->timing->startDelaySeconds * $rig->idleWatts;

        return $joules;
    }

    /**
     * From each photo's trigger to the next one's, or to the end of it all.
     *
     * @return list<float>
     */
    private static function spans(Schedule $schedule): array
    {
        $triggers = $schedule->timeline->triggerSeconds;
        $spans = [];
        foreach ($triggers as $n => $trigger) {
            $spans[] = ($triggers[$n + 1] ?? $schedule->timeline->writeEndSeconds[$n]) - $trigger;
        }

        return $spans;
    }
}
