<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

/**
 * Which part of the run a photo belongs to.
 */
enum Phase: string
{
    case Head = 'head';
    case Move = 'move';
    case Hold = 'hold';
    case Tail = 'tail';
}
