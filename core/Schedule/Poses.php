<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Plan\Plan;

/**
 * Where the camera is and how it looks, for the finder: from the axes' positions and the base's lean. What axes do goes by
 * their names: slide carries it sideways, pan turns it, tilt lifts it; others are not known to do anything.
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
        $pan = $positions['pan'] ?? 0.0;

        return [
            'x' => ($positions['slide'] ?? 0.0) / self::MILLIMETRES_PER_METRE,
            'yaw' => $pan,
            'pitch' => ($positions['tilt'] ?? 0.0) - $plan->rig->base->dipDegrees($pan),
            'roll' => $plan->rig->base->leanDegrees($pan),
        ];
    }

    /**
     * @return array<string, list<float>> x, yaw, pitch and roll, for each photo
     */
    public static function columns(Schedule $schedule): array
    {
        $axes = $schedule->moves->positions;
        $still = array_fill(0, $schedule->photosTotal(), 0.0);
        $pans = $axes['pan'] ?? $still;
        $tilts = $axes['tilt'] ?? $still;
        $base = $schedule->plan->rig->base;
        $isLevel = $base->offLevelDegrees === 0.0;

        return [
            'x' => array_map(static fn (float $slide): float => $slide / self::MILLIMETRES_PER_METRE, $axes['slide'] ?? $still),
            'yaw' => $pans,
            'pitch' => $isLevel ? $tilts : array_map(static fn (float $tilt, float $pan): float => $tilt - $base->dipDegrees($pan), $tilts, $pans),
            'roll' => $isLevel ? $still : array_map($base->leanDegrees(...), $pans),
        ];
    }
}
