<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Pans by widths of the frame.
 */
final class PanByFrames implements PlanEdit
{
    public static function name(): string
    {
        return 'pan-frames';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $widths = $given->number('widths', new Message('editing.pan_by_frames.widths'));

        return new TypedEdit(
            $given->under(static fn (): Plan => Framing::panned($plan, $widths)),
            new Message('editing.pan_by_frames.done', ['text' => $given->text('widths')]),
        );
    }
}
