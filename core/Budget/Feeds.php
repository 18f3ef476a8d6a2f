<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

enum Feeds: string
{
    case Camera = 'camera';
    case Rig = 'rig';
    case Both = 'both';
}
