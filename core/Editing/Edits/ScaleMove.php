<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * Makes the move larger or smaller about its start.
 */
final class ScaleMove implements PlanEdit
{
    public static function name(): string
    {
        return 'scale';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $text = $given->text('factor');
        $factor = str_contains($text, '%') ? TypedText::percent($text) : TypedText::number($text);
        if ($factor === null) {
            throw new InvalidInput([new Problem('/edit/factor', new Message('editing.scale_move.factor'))]);
        }

        return new TypedEdit(
            $given->under(static fn (): Plan => MoveEdits::scaled($plan, $factor)),
            new Message('editing.scale_move.done', ['text' => $text]),
        );
    }
}
