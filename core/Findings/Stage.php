<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

/**
 * The stages of planning, in which what a finding concerns is set.
 */
enum Stage: string
{
    case Frame = 'frame';
    case Time = 'time';
    case Light = 'light';
    case Pack = 'pack';
}
