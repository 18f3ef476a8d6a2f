<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Before;

use Evrent\Core\Run\DevicesSay;

/**
 * What rig and camera tell before a take's first photo, after what Evrent sets itself was set. What they do not tell is null or not there.
 */
final readonly class Readout
{
    /**
     * @param array<string, string> $letters           of G-code that the plan's axes have, by axis id
     * @param array<string, float>  $positions         where the axes stand, mm or degrees by axis id
     * @param ?float                $clockAheadSeconds by which the camera's clock is ahead, against the nearest time zone that it may be set to
     * @param ?float                $startsAt          when the first photo is due, seconds from 1970
     * @param bool                  $isSet             whether Evrent sets its exposure, photo by photo
     * @param list<string>          $settable          what of it can be set from here: "focus", "clock"
     */
    public function __construct(
        public DevicesSay $said = new DevicesSay(),
        public ?RigReport $rig = null,
        public array $letters = [],
        public array $positions = [],
        public ?float $clockAheadSeconds = null,
        public ?float $startsAt = null,
        public array $settable = [],
        public bool $isSet = true,
    ) {
    }
}
