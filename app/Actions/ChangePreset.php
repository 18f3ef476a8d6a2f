<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Preset;
use Evrent\Core\Presets\PresetKind;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what was changed of a preset, or a new recipe.
 */
final class ChangePreset
{
    /**
     * @param callable(?Preset): array<string, string> $read name, note and content of it, from what it is by now; null for a new recipe
     *
     * @return string the name that it has now
     *
     * @throws \Evrent\Core\Values\InvalidInput
     * @throws \Illuminate\Database\UniqueConstraintViolationException when there is another of its name
     */
    public function __invoke(?Preset $preset, callable $read): string
    {
        return DB::connection()->transaction(static function () use ($preset, $read): string {
            $locked = $preset === null ? null : Preset::query()->lockForUpdate()->findOrFail($preset->id);
            $kept = ($locked ?? new Preset(['kind' => PresetKind::Recipe]))->fill($read($locked));
            $kept->save();

            return $kept->name;
        });
    }
}
