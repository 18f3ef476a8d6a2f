<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/**
 * The shot no longer stands on the revision that the change was made from: another window saved in between.
 */
final class ShotChangedElsewhere extends RuntimeException
{
    /**
     * @param ?string $pointer the field that both changed; null when it is about the shot as a whole
     */
    public function __construct(public readonly ?string $pointer = null)
    {
        parent::__construct('The shot was changed in another window.');
    }
}
