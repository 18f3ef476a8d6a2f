<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Http\Requests\Form;
use Evrent\Core\Values\Problem;
use RuntimeException;

/**
 * What was typed into a form cannot be taken: each field says why, and nothing typed is lost.
 */
final class FormRefused extends RuntimeException
{
    /**
     * @param list<Problem> $problems
     * @param bool          $isConflict whether another window changed the same meanwhile
     */
    public function __construct(public readonly Form $form, public readonly array $problems, public readonly bool $isConflict = false)
    {
        parent::__construct("The form “{$form->named()}” was refused.");
    }
}
