<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use Illuminate\Support\Facades\DB;

/**
 * Gives a shoot its name and its tags.
 */
final class DescribeShoot
{
    /**
     * @param callable(Shoot): array<string, string> $read name and tags, from the locked shoot
     */
    public function __invoke(Shoot $shoot, callable $read): void
    {
        DB::connection()->transaction(static function () use ($shoot, $read): void {
            $locked = Shoot::query()->lockForUpdate()->findOrFail($shoot->id);
            ['name' => $name, 'tags' => $tags] = $read($locked);
            $locked->update(['name' => $name, 'tags' => Shoot::tagsOf($tags)]);
        });
    }
}
