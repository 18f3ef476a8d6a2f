<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * Solves for what is missing: clip = photos / frames per second, shooting time = photos × interval.
 *
 * Photos are whole and a computed interval is a setting that the timer has. Rounding never overruns the shooting time
 * and never falls short of the clip unless nothing else is possible; then it says by how much.
 */
final class Solver
{
    /** Interval timers are commonly set in tenths of a second. */
    public const TIMER_RESOLUTION_SECONDS = 0.1;

    /** Rounding noise of a division, which must not cost or add a whole photo or setting. */
    private const TOLERANCE = 1e-9;

    /**
     * Exactly two of clip or photos, interval, and shooting time are given, in seconds.
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function solve(
        float $framesPerSecond,
        ?float $clipSeconds = null,
        ?int $photos = null,
        ?float $intervalSeconds = null,
        ?float $shootingSeconds = null,
        float $resolutionSeconds = self::TIMER_RESOLUTION_SECONDS,
    ): Solution {
        self::check($framesPerSecond, $clipSeconds, $photos, $intervalSeconds, $shootingSeconds, $resolutionSeconds);
        if ($clipSeconds !== null) {
            $photos = self::up($clipSeconds * $framesPerSecond);
            self::checkPhotos($photos, '/clip');
        }
        if ($photos !== null && $intervalSeconds !== null) {
            return new Solution($framesPerSecond, $photos, $intervalSeconds, $photos * $intervalSeconds, $photos / $framesPerSecond, 'shooting');
        }
        if ($photos !== null) {
            // At least one setting of the timer: an interval of nothing cannot be set.
            $settings = max(1, self::down((float) $shootingSeconds / $photos / $resolutionSeconds));
            $interval = round($settings * $resolutionSeconds, 9);
            $shooting = $photos * $interval;

            return new Solution(
                $framesPerSecond,
                $photos,
                $interval,
                $shooting,
                $photos / $framesPerSecond,
                'interval',
                overrunSeconds: self::excess($shooting - (float) $shootingSeconds),
            );
        }
        // At least one photo, even if it overruns.
        $photos = max(1, self::down((float) $shootingSeconds / (float) $intervalSeconds));
        self::checkPhotos($photos, '/shooting');
        $shooting = $photos * (float) $intervalSeconds;

        return new Solution(
            $framesPerSecond,
            $photos,
            (float) $intervalSeconds,
            $shooting,
            $photos / $framesPerSecond,
            'photos',
            overrunSeconds: self::excess($shooting - (float) $shootingSeconds),
        );
    }

    /**
     * Photos on a way that is covered in steps: n of them make n - 1 steps, so 450 mm by 1.5 mm take 301.
     *
     * @param ?float $way  mm or degrees, ≥ 0
     * @param ?float $step of the same, from photo to photo
     *
     * @return ?int to the nearest; null where neither is given
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function photosOnTheWay(?float $way, ?float $step): ?int
    {
        if ($way === null && $step === null) {
            return null;
        }
        $problems = new Problems();
        $problems->unlessPositive($way ?? NAN, 1e9, '/way', new Message('timing.solver.total_travel'));
        $problems->unlessPositive($step ?? NAN, 1e9, '/step', new Message('timing.solver.step'));
        $problems->throwIfAny();
        $photos = round((float) $way / (float) $step) + 1.0;
        if ($photos < 2.0 || $photos > Timing::MOST_PHOTOS) {
            $problems->add('/step', new Message('timing.solver.step_photos', ['photos' => $photos, 'most_photos' => Timing::MOST_PHOTOS]));
        }
        $problems->throwIfAny();

        return (int) $photos;
    }

    private static function check(
        float $framesPerSecond,
        ?float $clipSeconds,
        ?int $photos,
        ?float $intervalSeconds,
        ?float $shootingSeconds,
        float $resolutionSeconds,
    ): void {
        $problems = new Problems();
        $problems->unlessPositive($framesPerSecond, 1_000, '/fps', new Message('what.fps'));
        $problems->unlessPositive($resolutionSeconds, 3_600, '/resolution', new Message('what.seconds'));
        if ($clipSeconds !== null && $photos !== null) {
            $problems->add('/photos', new Message('timing.solver.clip_or_photos'));
        }
        if ($photos !== null) {
            $problems->unlessBetween($photos, 1, Timing::MOST_PHOTOS, '/photos', new Message('what.whole_photos'));
        }
        foreach (['/clip' => $clipSeconds, '/interval' => $intervalSeconds, '/shooting' => $shootingSeconds] as $field => $seconds) {
            if ($seconds !== null) {
                $problems->unlessPositive($seconds, 1e9, $field, new Message('what.seconds'));
            }
        }
        $given = ($clipSeconds !== null || $photos !== null ? 1 : 0) + ($intervalSeconds !== null ? 1 : 0) + ($shootingSeconds !== null ? 1 : 0);
        if ($given !== 2) {
            $problems->add($given < 2 ? '/shooting' : '/interval', new Message('timing.solver.two'));
        }
        $problems->throwIfAny();
    }

    private static function checkPhotos(int $photos, string $field): void
    {
        $problems = new Problems();
        if ($photos > Timing::MOST_PHOTOS) {
            $problems->add($field, new Message('timing.solver.too_many', ['photos' => $photos, 'most_photos' => Timing::MOST_PHOTOS]));
        }
        $problems->throwIfAny();
    }

    private static function up(float $ratio): int
    {
        return max(1, (int) ceil($ratio * (1.0 - self::TOLERANCE)));
    }

    private static function down(float $ratio): int
    {
        return (int) floor($ratio * (1.0 + self::TOLERANCE));
    }

    private static function excess(float $seconds): float
    {
        return $seconds > self::TOLERANCE * 1_000 ? $seconds : 0.0;
    }
}
