<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use Evrent\Core\Day\TypedPlace;
use Illuminate\Support\Facades\DB;

/**
 * Moves a shoot to a place and a day, and each of its shots with it: as one more revision, so that runs keep what they ran.
 */
final class ChangePlace
{
    public function __construct(private readonly SaveRevision $saveRevision)
    {
    }

    /**
     * @param list<string> $hazards
     *
     * @throws \Evrent\Core\InvalidInput
     */
    public function __invoke(Shoot $shoot, TypedPlace $place, array $hazards): void
    {
        DB::connection()->transaction(function () use ($shoot, $place, $hazards): void {
            $shoot->update([
                'place' => $place->name, 'shoot_date' => $place->date, 'latitude' => $place->latitude, 'longitude' => $place->longitude,
                'elevation' => $place->elevationMetres, 'zone' => $place->zone, 'sky_glow' => $place->glowLux, 'hazards' => $hazards,
            ]);
            $site = $shoot->refresh()->site();
            foreach ($shoot->shots()->with('revision')->lockForUpdate()->get() as $shot) {
                $revision = $shot->currentRevision();
                ($this->saveRevision)($shot, $revision->toPlan()->with(['site' => $site]), 'place and day of the shoot', $revision->id);
            }
        });
    }
}
