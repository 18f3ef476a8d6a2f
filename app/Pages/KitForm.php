<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\RigWords;

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
            $known[$name] = [$field->label, $field->unit, '7ch'];
        }

        return [
            'name' => ['Name', '', '22ch'], 'count' => ['How many', '', '3ch'], ...$known,
            ...($kind->hasTimer() ? ['intervals_s' => ['or has the intervals', 's', '20ch']] : []), 'note' => ['Note', '', '26ch'],
            ...($kind->addressFormat() === null ? [] : ['address' => ['Reached at', '', '26ch']]),
            ...($kind === KitKind::Rig ? array_map(static fn (array $known): array => [$known[0], '', '20ch'], RigWords::FIELDS) : []),
        ];
    }
}
