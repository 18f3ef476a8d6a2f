<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
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
            new Message(
                str_contains($given->text('pixels'), '%') ? 'editing.smear_by.share' : 'editing.smear_by.pixels',
                ['text' => $given->text('pixels')],
            ),
        );
    }
}
