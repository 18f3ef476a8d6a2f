<?php

declare(strict_types=1);

namespace App\Exceptions;

use Evrent\Core\Values\Problem;
use RuntimeException;

/**
 * Two windows changed the same fields of one form.
 */
final class FieldsChangedElsewhere extends RuntimeException
{
    /**
     * @param non-empty-list<Problem> $problems by field
     */
    public function __construct(public readonly array $problems)
    {
        parent::__construct('The same was changed in another window.');
    }
}
