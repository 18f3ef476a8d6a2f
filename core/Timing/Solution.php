<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * Clip, photos, interval and shooting time that agree with each other.
 */
final readonly class Solution
{
    /**
     * @param int    $photos           whole
     * @param float  $intervalSeconds  start to start
     * @param float  $shootingSeconds  photos × interval
     * @param float  $clipSeconds      photos / frames per second
     * @param string $solved           which was not given: interval, photos or shooting
     * @param float  $overrunSeconds   by how much the shooting time given is overrun, when nothing else is possible
     */
    public function __construct(
        public float $framesPerSecond,
        public int $photos,
        public float $intervalSeconds,
        public float $shootingSeconds,
        public float $clipSeconds,
        public string $solved,
        public float $overrunSeconds = 0.0,
    ) {
    }
}
