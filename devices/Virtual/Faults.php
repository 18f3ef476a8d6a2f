<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;

/**
 * The faults of a rehearsed run, asked for by photo.
 */
final readonly class Faults
{
    /**
     * @param list<Fault> $faults
     */
    public function __construct(private array $faults = [])
    {
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
