<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RevisionFigures;
use App\Models\Setting;
use App\Pages\Settings;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what the shooter wants otherwise than usual, all of a form or none of it.
 */
final class ChangeSettings
{
    /**
     * @param callable(array<string, string>): array<string, string> $read what is to be set, from what is, by name
     */
    public function __invoke(callable $read): void
    {
        DB::connection()->transaction(static function () use ($read): void {
            // One form at a time: what it read stays so until it has written.
            DB::connection()->statement('lock table settings in exclusive mode');
            $before = Settings::kept();
            foreach ($read($before->texts()) as $name => $value) {
                Setting::query()->updateOrCreate(['name' => $name], ['value' => $value]);
            }
            // What shots fall short by was told in the units that were.
            if (get_object_vars(Settings::kept()->units) !== get_object_vars($before->units)) {
                RevisionFigures::query()->update(['version' => 0]);
            }
        });
    }
}
