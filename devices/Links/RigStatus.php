<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * What a rig says of itself.
 */
final readonly class RigStatus
{
    public const HELD = 'Hold';

    /**
     * @param string               $state     Idle, Run, Hold, Home or Alarm
     * @param array<string, float> $positions where the axes stand, mm or degrees by axis id; those of which nobody knows are not there
     * @param array<string, int>   $steps     what the motors have counted, by axis id, where it says so
     * @param ?int                 $battery   per cent; null where it does not say
     */
    public function __construct(public string $state, public array $positions, public array $steps, public ?int $battery)
    {
    }

    public function knowsItsPlace(): bool
    {
        return $this->state !== 'Alarm';
    }
}
