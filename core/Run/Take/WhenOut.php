<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What a take does when a card is full, a battery is empty or the camera is gone.
 */
enum WhenOut: string
{
    /** It holds, and goes on when that was changed. */
    case Wait = 'wait';
    /** It ends there: nobody stands by. */
    case End = 'end';
}
