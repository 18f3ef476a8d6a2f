<?php

declare(strict_types=1);

namespace Evrent\Devices;

use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;

/**
 * The faults of a rehearsed run or a simulated device, asked for by photo.
 */
final readonly class Faults
{
    /**
     * @param list<Fault> $faults
     */
    public function __construct(private array $faults = [])
    {
    }

    /** Those of some kinds alone: where rig and camera each have a timer, a pause holds up one of them. */
    public function only(FaultKind ...$kinds): self
    {
        return new self(array_values(array_filter($this->faults, static fn (Fault $fault): bool => in_array($fault->kind, $kinds, true))));
    }

    /**
     * @return list<Fault> of a kind, at work for a photo or for the move after it
     */
    public function at(FaultKind $kind, int $photo): array
    {
        $found = [];
        foreach ($this->faults as $fault) {
            if ($fault->kind === $kind && $fault->covers($photo)) {
                $found[] = $fault;
            }
        }

        return $found;
    }
}
