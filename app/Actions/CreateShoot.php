<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;

/**
 * A new shoot, with no shot yet.
 */
final class CreateShoot
{
    public function __invoke(string $name, string $place, ?string $date): Shoot
    {
        return Shoot::query()->create(['name' => $name, 'place' => $place, 'shoot_date' => $date, 'is_demo' => false]);
    }
}
