<?php

declare(strict_types=1);

namespace App\Http;

use App\Exceptions\FieldsChangedElsewhere;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Http\Request;

/**
 * What was typed into a form's fields, against what its page showed and what is kept by now: a field that was left alone takes what is
 * kept, one that was typed in takes what was typed, and one that two windows changed is refused once, with what to do.
 *
 * A form carries what it showed as was[field]. The row is locked while this is looked at.
 */
final class SeenValues
{
    /**
     * @param array<string, string> $kept by field name
     *
     * @return array<string, string> by field name
     *
     * @throws FieldsChangedElsewhere by /field where another window changed the same
     */
    public static function merged(Request $request, array $kept): array
    {
        $merged = $problems = [];
        foreach ($kept as $field => $is) {
            $typed = Typed::text($request, $field);
            // A form that says nothing of what it showed means all that it sends.
            $was = $request->has('was') && !$request->has($field) ? $typed : $request->input("was.{$field}");
            // An empty one is none to the framework, and says that nothing was there.
            $was = is_string($was) ? trim($was) : ($request->has("was.{$field}") ? '' : null);
            $isLeft = $was !== null && Typed::isAsShown($typed, $was);
            $merged[$field] = $isLeft ? $is : $typed;
            if ($was !== null && !$isLeft && trim($is) !== $was && !Typed::isAsShown($typed, trim($is))) {
                $problems[] = new Problem("/{$field}", $is === ''
                    ? Words::of('app.seen.emptied')
                    : Words::of('app.seen.changed', is: $is));
            }
        }
        if ($problems !== []) {
            throw new FieldsChangedElsewhere($problems);
        }

        return $merged;
    }
}
