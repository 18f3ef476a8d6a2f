<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Preset;
use App\Models\Shot;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Presets\PresetKind;
use Illuminate\Support\Facades\DB;

/**
 * Keeps a shot’s move, or all of it but the rig.
 */
final class KeepPreset
{
    /**
     * @throws \Illuminate\Database\UniqueConstraintViolationException when there is another of its name
     */
    public function __invoke(Shot $shot, PresetKind $kind, string $name, string $note): void
    {
        $content = PlanWriter::toJson($shot->currentRevision()->toPlan());
        DB::connection()->transaction(static fn () => Preset::query()->create(['name' => $name, 'kind' => $kind, 'note' => $note, 'content' => $content]));
    }
}
