<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Optics\Optics;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;

/**
 * What a move shows through each lens: how far what is near, the subject and what is far go across the frame, seen by a pinhole camera that looks at
 * them in the middle of the run. The lens is chosen by what will be seen.
 */
final class LensesCompared
{
    /** Of a long run some photos are enough. */
    private const MOST_POSES = 240;

    /** In front of the lens, as a share of the distance: nearer to its side than that it is not in the picture any more. */
    private const LEAST_DEPTH = 0.02;

    /**
     * @param list<float> $focals mm, of the lenses there are
     *
     * @return list<LensShown> by focal length, the plan's own among them; empty where the plan says nothing of its picture, or nothing moves
     */
    public static function of(Schedule $schedule, array $focals): array
    {
        $optics = $schedule->plan->optics;
        if ($optics === null || $schedule->plan->rig->axes === []) {
            return [];
        }
        $focals = array_unique([...$focals, $optics->focalMillimetres]);
        sort($focals);
        $poses = self::poses($schedule);
        $near = self::ways($poses, $optics->foregroundMetres);
        $subject = self::ways($poses, $optics->subjectMetres);
        $far = self::ways($poses, $optics->backgroundMetres);

        return array_map(static fn (float $focal): LensShown => new LensShown(
            $focal,
            self::share($near, $optics, $focal),
            self::share($subject, $optics, $focal),
            self::share($far, $optics, $focal),
            $focal === $optics->focalMillimetres,
        ), $focals);
    }

    /**
     * @return non-empty-list<array{x: float, yaw: float, pitch: float}> metres and degrees
     */
    private static function poses(Schedule $schedule): array
    {
        $columns = Poses::columns($schedule);
        $count = $schedule->photosTotal();
        $every = max(1, intdiv($count, self::MOST_POSES));
        $poses = [];
        for ($n = 0; $n < $count; $n += $every) {
            $poses[] = ['x' => $columns['x'][$n], 'yaw' => $columns['yaw'][$n], 'pitch' => $columns['pitch'][$n]];
        }
        $poses[] = ['x' => $columns['x'][$count - 1], 'yaw' => $columns['yaw'][$count - 1], 'pitch' => $columns['pitch'][$count - 1]];

        return $poses;
    }

    /**
     * How far something goes that is in the middle of the frame where the move is half over: tangents of the angles off the middle, across and up, at
     * the ends of its way.
     *
     * @param non-empty-list<array{x: float, yaw: float, pitch: float}> $poses
     *
     * @return ?array{float, float} null where it is behind the camera somewhere
     */
    private static function ways(array $poses, float $metres): ?array
    {
        $middle = static function (string $of) use ($poses): float {
            [$low, $high] = [INF, -INF];
            foreach ($poses as $pose) {
                [$low, $high] = [min($low, $pose[$of] ?? 0.0), max($high, $pose[$of] ?? 0.0)];
            }

            return ($low + $high) / 2.0;
        };
        [$bearing, $height] = [deg2rad($middle('yaw')), deg2rad($middle('pitch'))];
        $point = [$middle('x') + $metres * sin($bearing) * cos($height), $metres * cos($bearing) * cos($height), $metres * sin($height)];
        $across = $up = [];
        foreach ($poses as $pose) {
            [$yaw, $pitch] = [deg2rad($pose['yaw']), deg2rad($pose['pitch'])];
            $x = $point[0] - $pose['x'];
            $right = $x * cos($yaw) - $point[1] * sin($yaw);
            $ahead = $x * sin($yaw) + $point[1] * cos($yaw);
            $depth = $point[2] * sin($pitch) + $ahead * cos($pitch);
            if ($depth < self::LEAST_DEPTH * $metres) {
                return null;
            }
            $across[] = $right / $depth;
            $up[] = ($point[2] * cos($pitch) - $ahead * sin($pitch)) / $depth;
        }

        return [max($across) - min($across), max($up) - min($up)];
    }

    /**
     * @param ?array{float, float} $way
     *
     * @return ?float of the clip's frame, along the way: of its width across, of as much up
     */
    private static function share(?array $way, Optics $optics, float $focal): ?float
    {
        // tan(half the frame's width) = what is left of the sensor's width in the clip / 2f.
        $frame = $optics->croppedWidthPixels() / $optics->imageWidthPixels * $optics->sensorWidthMillimetres / $focal;

        return $way === null ? null : hypot($way[0], $way[1]) / $frame;
    }
}
