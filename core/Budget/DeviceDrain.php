<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

/**
 * What a shot does to one device's battery.
 */
final readonly class DeviceDrain
{
    /**
     * @param list<float> $charges      0…1 after each photo
     * @param ?int        $diesAtPhoto  number of the first photo it does not last through; null when it lasts
     * @param float       $neededJoules that the battery has to give over the shot
     * @param float       $oneJoules    that one full battery gives in this cold
     */
    public function __construct(
        public array $charges,
        public ?int $diesAtPhoto,
        public float $neededJoules,
        public float $oneJoules,
        public Battery $battery,
    ) {
    }

    /** 0…1, at the end. */
    public function left(): float
    {
        return $this->charges === [] ? $this->battery->charge : $this->charges[count($this->charges) - 1];
    }

    /** Full batteries that the whole shot takes. */
    public function batteries(): int
    {
        return max(1, (int) ceil($this->neededJoules / $this->oneJoules - 1e-9));
    }

    /** How full the battery has to be for the whole shot, per cent; 100 where spares have to help. */
    public function neededPercent(): float
    {
        return min(100.0, 100.0 * $this->neededJoules / ($this->battery->count * $this->oneJoules));
    }

    /** Full batteries to have beside those that are in it. */
    public function spares(): int
    {
        $missing = $this->neededJoules - $this->battery->count * $this->battery->charge * $this->oneJoules;

        return max(0, (int) ceil($missing / $this->oneJoules - 1e-9));
    }
}
