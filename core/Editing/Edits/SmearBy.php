<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\Shot;

/**
 * Exposes until the subject smears by so many pixels.
 */
final class SmearBy implements PlanEdit
{
    public static function name(): string
    {
        return 'smear';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $given->under(static fn (): Plan => ExposureHelp::forSmear(Shot::of($plan), $given->text('pixels'))),
            'smear of ' . $given->text('pixels') . (str_contains($given->text('pixels'), '%') ? ' of the frame' : ' px'),
        );
    }
}
