<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

/**
 * Two shots that want the same thing at the same time.
 */
final readonly class Clash
{
    /**
     * @param string $over    rig, body or time
     * @param float  $seconds that they overlap
     */
    public function __construct(public Stay $first, public Stay $second, public string $over, public float $seconds)
    {
    }

    public function sentence(): string
    {
        return match ($this->over) {
            'rig' => 'both need ' . ($this->first->rig ?? 'the rig'),
            'body' => 'both need ' . ($this->first->body ?? 'the camera'),
            default => $this->first->needsSomebody || $this->second->needsSomebody
                ? 'both need the same pair of hands'
                : 'one is set up or packed while the other is too',
        };
    }
}
