<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Core\Messages\Failure;

/**
 * Somebody ended ffmpeg from outside: nothing is wrong with what it made, and it may be begun again.
 */
final class Interrupted extends Failure
{
}
