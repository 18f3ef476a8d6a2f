<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * What in the sky people aim at.
 */
enum Target: string
{
    case Sun = 'sun';
    case Moon = 'moon';
    case GalacticCentre = 'galactic_centre';

    public function name(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
