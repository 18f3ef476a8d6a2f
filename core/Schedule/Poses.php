<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Plan\Plan;

/**
 * Where the camera is and how it looks, for the finder: from the axes' positions and the base's lean. Slide carries it
 * sideways, pan turns it, tilt lifts it.
 */
final class Poses
{
    private const MILLIMETRES_PER_METRE = 1_000.0;

    /**
     * @param array<string, float> $positions mm or degrees by axis id
     *
     * @return array{x: float, yaw: float, pitch: float, roll: float} metres to the right; degrees to the right, up, and with
     *               the horizon falling to the right
     */
    public static function at(Plan $plan, array $positions): array
    {
        $stands = static fn (AxisRole $role): float => $positions[$plan->rig->axisFor($role)->id ?? ''] ?? 0.0;
        $pan = $stands(AxisRole::Pan);

        return [
            'x' => $stands(AxisRole::Slide) / self::MILLIMETRES_PER_METRE,
            'yaw' => $pan,
            'pitch' => $stands(AxisRole::Tilt) - $plan->rig->base->dipDegrees($pan),
            'roll' => $plan->rig->base->leanDegrees($pan),
        ];
    }

    /**
     * @return array<string, list<float>> x, yaw, pitch and roll, for each photo
     */
    public static function columns(Schedule $schedule): array
    {
        $still = array_fill(0, $schedule->photosTotal(), 0.0);
        $pans = $schedule->positionsFor(AxisRole::Pan) ?? $still;
        $tilts = $schedule->positionsFor(AxisRole::Tilt) ?? $still;
        $base = $schedule->plan->rig->base;
        $isLevel = $base->offLevelDegrees === 0.0;

        return [
            'x' => array_map(static fn (float $slide): float => $slide / self::MILLIMETRES_PER_METRE, $schedule->positionsFor(AxisRole::Slide) ?? $still),
            'yaw' => $pans,
            'pitch' => $isLevel ? $tilts : array_map(static fn (float $tilt, float $pan): float => $tilt - $base->dipDegrees($pan), $tilts, $pans),
            'roll' => $isLevel ? $still : array_map($base->leanDegrees(...), $pans),
        ];
    }
}
