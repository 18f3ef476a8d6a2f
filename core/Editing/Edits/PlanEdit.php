<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;

/**
 * One change to a plan that a button, a peg or a key asks for by name. Takes part by being listed in `TypedEdit::EDITS`.
 */
interface PlanEdit
{
    /** What it is asked for by. */
    public static function name(): string;

    /**
     * @throws \Evrent\Core\Values\InvalidInput with pointers below /edit for what was given, and the plan's own for what it cannot be
     */
    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit;
}
