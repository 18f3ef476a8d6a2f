<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Values that were assumed are right as they are.
 */
final class ConfirmAssumed implements PlanEdit
{
    public static function name(): string
    {
        return 'confirm';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $pointers = array_values(array_filter(
            explode(' ', $given->text('values')),
            static fn (string $pointer): bool => $plan->provenance->isAssumed($pointer),
        ));
        $known = array_intersect($pointers, array_keys(PlanProvenance::values($plan)));
        if ($known === []) {
            throw new InvalidInput([new Problem('/edit/values', new Message('editing.confirm_assumed.none'))]);
        }

        return new TypedEdit(
            PlanProvenance::confirmed($plan, array_values($known), Source::Typed),
            new Message('editing.confirm_assumed.done', ['count' => count($known)]),
            isSourced: true,
        );
    }
}
