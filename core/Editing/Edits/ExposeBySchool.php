<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Exposures and ISO numbers by one of the schools.
 */
final class ExposeBySchool implements PlanEdit
{
    public static function name(): string
    {
        return 'light-by';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $school = School::tryFrom($given->text('school')) ?? throw new InvalidInput(
            [new Problem('/edit', new Message('editing.expose_by_school.none'))],
        );
        $ramped = RampedPlan::by(Shot::of($plan), $school)
            ?? throw new InvalidInput([new Problem('/edit', new Message('editing.no_sky'))]);

        return new TypedEdit($ramped, new Message('editing.expose_by_school.done', ['school' => $school->label()]));
    }
}
