<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What fires the shutter, and how far it counts.
 */
final readonly class Trigger
{
    private const MOST_DRIFT_PPM = 100_000;
    private const MOST_HEAD_START_SECONDS = 3_600;
    private const FINEST_STEP_SECONDS = 0.001;
    private const SAME_SECONDS = 1e-6;
    public const MOST_INTERVALS = 40;

    /**
     * @param ?float $cameraIntervalSeconds what the camera's timer is set to; null for the plan's own interval
     * @param float  $driftPpm              by how much the camera's timer runs slow against the rig's clock, in millionths;
     *                                      below zero it runs fast
     * @param float  $cameraStartsSeconds   its first photo after the rig's first trigger; below zero it comes before
     * @param ?int   $cameraPhotos          photos the camera's timer is set to; null for as many as the plan has
     * @param ?int   $countLimit            the highest count that timer or controller knows (999, 9999); null for endless
     * @param ?float $intervalStepSeconds   by which its intervals can be set: 1 for whole seconds; null where nobody looked
     * @param list<float> $intervals        the intervals it has, seconds, where it has a list of its own; empty for any
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public TriggeredBy $by = TriggeredBy::Rig,
        public ?float $cameraIntervalSeconds = null,
        public float $driftPpm = 0.0,
        public float $cameraStartsSeconds = 0.0,
        public ?int $cameraPhotos = null,
        public ?int $countLimit = null,
        public ?float $intervalStepSeconds = null,
        public array $intervals = [],
    ) {
        $problems = new Problems();
        if ($cameraIntervalSeconds !== null) {
            $problems->unlessPositive($cameraIntervalSeconds, KeyedSeconds::MOST_SECONDS, '/camera_interval_s', new Message('what.interval'));
        }
        $problems->unlessBetween($driftPpm, -self::MOST_DRIFT_PPM, self::MOST_DRIFT_PPM, '/drift_ppm', new Message('timing.trigger.drift'));
        $problems->unlessBetween(
            $cameraStartsSeconds,
            -self::MOST_HEAD_START_SECONDS,
            self::MOST_HEAD_START_SECONDS,
            '/camera_starts_s',
            new Message('what.seconds'),
        );
        foreach (['/camera_photos' => $cameraPhotos, '/count_limit' => $countLimit] as $field => $photos) {
            if ($photos !== null) {
                $problems->unlessBetween($photos, 1, Timing::MOST_PHOTOS, $field, new Message('what.whole_photos'));
            }
        }
        if ($intervalStepSeconds !== null) {
            $problems->unlessBetween($intervalStepSeconds, self::FINEST_STEP_SECONDS, 3_600, '/interval_step_s', new Message('timing.trigger.steps'));
        }
        foreach ($intervals as $i => $seconds) {
            $problems->unlessPositive($seconds, KeyedSeconds::MOST_SECONDS, "/intervals_s/{$i}", new Message('what.interval'));
        }
        $problems->throwIfAny();
    }

    /** The steps in which an interval is looked for: its own, or the usual tenth of a second. */
    public function resolutionSeconds(): float
    {
        return $this->intervalStepSeconds ?? Solver::TIMER_RESOLUTION_SECONDS;
    }

    /**
     * The settings next to an interval: the same twice where it has that one.
     *
     * @return array{?float, ?float} the longest that is no longer and the shortest that is no shorter, seconds; null where it has none
     */
    public function settingsAround(float $seconds): array
    {
        if ($this->intervals !== []) {
            $shorter = array_filter($this->intervals, static fn (float $one): bool => $one <= $seconds + self::SAME_SECONDS);
            $longer = array_filter($this->intervals, static fn (float $one): bool => $one >= $seconds - self::SAME_SECONDS);

            return [$shorter === [] ? null : max($shorter), $longer === [] ? null : min($longer)];
        }
        if ($this->intervalStepSeconds === null) {
            return [$seconds, $seconds];
        }
        $steps = round($seconds / $this->intervalStepSeconds, 6);
        $shorter = round(floor($steps) * $this->intervalStepSeconds, 9);

        return [$shorter > 0.0 ? $shorter : null, round(ceil($steps) * $this->intervalStepSeconds, 9)];
    }

    public function isCamera(): bool
    {
        return $this->by === TriggeredBy::CameraTimer;
    }

    public function by(TriggeredBy $by): self
    {
        return $this->with(['by' => $by]);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withCameraTiming(?float $intervalSeconds, float $startsSeconds): self
    {
        return $this->with(['cameraIntervalSeconds' => $intervalSeconds, 'cameraStartsSeconds' => $startsSeconds]);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withCounts(?int $cameraPhotos, ?int $countLimit): self
    {
        return $this->with(['cameraPhotos' => $cameraPhotos, 'countLimit' => $countLimit]);
    }

    /**
     * @param array{
     *     by?: TriggeredBy, cameraIntervalSeconds?: ?float, driftPpm?: float, cameraStartsSeconds?: float, cameraPhotos?: ?int, countLimit?: ?int,
     *     intervalStepSeconds?: ?float, intervals?: list<float>,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }
}
