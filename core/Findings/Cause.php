<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

/**
 * What several checks find in their own ways: one finding is told, the worst, and the others with it.
 */
enum Cause
{
    /** The interval has no room for what rig and camera do. */
    case Cycle;

    /** Photos come out too bright or too dark. */
    case Brightness;
}
