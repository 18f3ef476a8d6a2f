<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What a take is made with, and keeps to its end.
 */
final readonly class Setting
{
    /**
     * @param bool   $hasRig      whether there is a rig to move: one that only closes the trigger line is none
     * @param bool   $cameraTells whether the camera says what it took
     * @param float  $startAt     when the first photo is due, seconds on the log's clock; 0 for as soon as all stands ready
     * @param ?float $restSeconds stop motion: how long to rest before each photo; null waits to be told
     * @param WhenOut $whenOut    what to do when card or battery runs out
     * @param bool   $setsBody    whether the camera is set to what the plan wants, where it can be
     * @param bool   $isOwnTimer  whether the camera fires by its own timer: the rig keeps to its clock, as the camera does
     */
    public function __construct(
        public bool $hasRig = true,
        public bool $cameraTells = false,
        public GapSchool $school = GapSchool::Place,
        public float $startAt = 0.0,
        public ?float $restSeconds = null,
        public bool $isOwnTimer = false,
        public WhenOut $whenOut = WhenOut::Wait,
        public bool $setsBody = true,
    ) {
    }

    public function keepsToTheClock(): bool
    {
        return $this->isOwnTimer || $this->school === GapSchool::Clock;
    }
}
