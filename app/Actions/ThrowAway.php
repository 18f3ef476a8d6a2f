<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Database\Eloquent\Model;

/**
 * Takes something out of sight, until it is brought back.
 */
final class ThrowAway
{
    /**
     * @param string $kind as the address that brings it back calls it
     *
     * @return array{deleted: array{kind: string, id: mixed, name: string}} said on the next page, with the way back
     */
    public function __invoke(Model $what, string $kind, string $name): array
    {
        $what->delete();

        return ['deleted' => ['kind' => $kind, 'id' => $what->getKey(), 'name' => $name]];
    }
}
