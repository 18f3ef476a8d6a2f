<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Values\Problems;

/**
 * What fires the shutter, and how far it counts.
 */
final readonly class Trigger
{
    private const MOST_DRIFT_PPM = 100_000;
    private const MOST_HEAD_START_SECONDS = 3_600;

    /**
     * @param ?float $cameraIntervalSeconds what the camera's timer is set to; null for the plan's own interval
     * @param float  $driftPpm              by how much the camera's timer runs slow against the rig's clock, in millionths;
     *                                      below zero it runs fast
     * @param float  $cameraStartsSeconds   its first photo after the rig's first trigger; below zero it comes before
     * @param ?int   $cameraPhotos          photos the camera's timer is set to; null for as many as the plan has
     * @param ?int   $countLimit            the highest count that timer or controller knows (999, 9999); null for endless
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
    ) {
        $problems = new Problems();
        if ($cameraIntervalSeconds !== null) {
            $problems->unlessPositive($cameraIntervalSeconds, KeyedSeconds::MOST_SECONDS, '/camera_interval_s', 'an interval in seconds');
        }
        $problems->unlessBetween($driftPpm, -self::MOST_DRIFT_PPM, self::MOST_DRIFT_PPM, '/drift_ppm', 'a drift in parts per million');
        $problems->unlessBetween($cameraStartsSeconds, -self::MOST_HEAD_START_SECONDS, self::MOST_HEAD_START_SECONDS, '/camera_starts_s', 'seconds');
        foreach (['/camera_photos' => $cameraPhotos, '/count_limit' => $countLimit] as $field => $photos) {
            if ($photos !== null) {
                $problems->unlessBetween($photos, 1, Timing::MOST_PHOTOS, $field, 'a whole number of photos');
            }
        }
        $problems->throwIfAny();
    }

    public function isCamera(): bool
    {
        return $this->by === TriggeredBy::CameraTimer;
    }

    public function by(TriggeredBy $by): self
    {
        return new self($by, $this->cameraIntervalSeconds, $this->driftPpm, $this->cameraStartsSeconds, $this->cameraPhotos, $this->countLimit);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withCameraTiming(?float $intervalSeconds, float $startsSeconds): self
    {
        return new self($this->by, $intervalSeconds, $this->driftPpm, $startsSeconds, $this->cameraPhotos, $this->countLimit);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withCounts(?int $cameraPhotos, ?int $countLimit): self
    {
        return new self($this->by, $this->cameraIntervalSeconds, $this->driftPpm, $this->cameraStartsSeconds, $cameraPhotos, $countLimit);
    }
}
