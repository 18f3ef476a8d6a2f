<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\TypedText;

/**
 * Exposes for a share of the interval.
 */
final class OpenForShare implements PlanEdit
{
    public static function name(): string
    {
        return 'blur-share';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $given->under(static fn (): Plan => ExposureHelp::forBlurShare(Shot::of($plan), TypedText::percent($given->text('share')) ?? NAN)),
            new Message('editing.open_for_share.done', ['text' => $given->text('share')]),
        );
    }
}
