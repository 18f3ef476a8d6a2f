<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/**
 * The shot no longer stands on the revision that the change was made from: another window saved in between.
 */
final class ShotChangedElsewhere extends RuntimeException
{
}
