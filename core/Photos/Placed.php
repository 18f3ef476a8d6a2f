<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * A photo that somebody knows: it is the one with this number. From it follows where all others are.
 */
final readonly class Placed
{
    /**
     * @param int $number of the planned photo, from 1
     */
    public function __construct(public string $file, public int $number)
    {
    }
}
