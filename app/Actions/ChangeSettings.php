<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Setting;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what the shooter wants otherwise than usual, all of a form or none of it.
 */
final class ChangeSettings
{
    /**
     * @param array<string, string> $values by name
     */
    public function __invoke(array $values): void
    {
        DB::connection()->transaction(static function () use ($values): void {
            foreach ($values as $name => $value) {
                Setting::query()->updateOrCreate(['name' => $name], ['value' => $value]);
            }
        });
    }
}
