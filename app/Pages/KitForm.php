<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\RigWords;
use Evrent\Words\Words;

/**
 * The fields of a form for a piece of kit.
 */
final class KitForm
{
    /**
     * @return array<string, array{string, string, string}> label, unit and width, by name
     */
    public static function fields(KitKind $kind): array
    {
        $known = [];
        foreach ($kind->fields() as $name => $field) {
            $known[$name] = [Words::capital($field->label), Words::say($field->unit), '7ch'];
        }

        return [
            'name' => [Words::of('common.name'), '', '22ch'], 'count' => [Words::of('app.kit_form.count'), '', '3ch'], ...$known,
            ...($kind->hasTimer() ? [
                'intervals_s' => [Words::of('app.kit_form.intervals'), 's', '20ch'],
            ] : []), 'note' => [Words::of('common.note'), '', '26ch'],
            ...($kind->addressFormat() === null ? [] : ['address' => [Words::of('app.kit_form.address'), '', '26ch']]),
            ...($kind === KitKind::Rig ? array_map(static fn (array $known): array => [Words::of($known[0]), '', '20ch'], RigWords::FIELDS) : []),
        ];
    }
}
