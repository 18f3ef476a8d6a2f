<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * One photo that the simulated camera took: what it says of itself, and what it saw.
 */
final readonly class Taken
{
    /**
     * @param int   $number         of the photo in its run, from 1
     * @param float $openSeconds    when the shutter opened, in simulated seconds
     * @param float $cameraSeconds  what the camera's own clock said then, as seconds from 1970 in its own wall time
     * @param Pose  $opens          where the rig stood then
     * @param Pose  $closes         and when the shutter closed
     * @param float $brighterStops  than planned: by exposure, light, aperture and lamps
     * @param float $aside          how far the picture stands aside, as a share of its width: the legs were knocked
     */
    public function __construct(
        public int $number,
        public float $openSeconds,
        public float $cameraSeconds,
        public float $exposureSeconds,
        public float $fNumber,
        public int $iso,
        public float $focalMillimetres,
        public Pose $opens,
        public Pose $closes,
        public float $brighterStops,
        public float $aside,
        public bool $isWhiteBalanceAuto,
        public bool $isReadable,
        public string $body,
        public string $lens,
        public string $serialNumber,
        public string $uniqueId,
        public int $width,
        public int $height,
    ) {
    }
}
