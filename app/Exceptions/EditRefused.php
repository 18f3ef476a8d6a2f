<?php

declare(strict_types=1);

namespace App\Exceptions;

use Evrent\Core\Values\InvalidInput;
use RuntimeException;

/**
 * An edit of a shot cannot be made.
 */
final class EditRefused extends RuntimeException
{
    /**
     * @param ?string $unfit said where the edit does not fit the shot; null where each field says what is wrong
     */
    public function __construct(public readonly InvalidInput $invalid, public readonly ?string $unfit)
    {
        parent::__construct($invalid->getMessage());
    }
}
