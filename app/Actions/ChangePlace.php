<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use App\Pages\WorkedPlan;
use Evrent\Core\Day\TypedPlace;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
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
     * @param callable(Shoot): array{TypedPlace, list<string>} $read where it is to be, and what is out there, from the locked shoot
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __invoke(Shoot $shoot, callable $read): void
    {
        DB::connection()->transaction(function () use ($shoot, $read): void {
            $shoot->setRawAttributes(Shoot::query()->lockForUpdate()->findOrFail($shoot->id)->getAttributes(), true);
            [$place, $hazards] = $read($shoot);
            $before = $shoot->site();
            $shoot->update([
                'place' => $place->name, 'shoot_date' => $place->date, 'latitude' => $place->latitude, 'longitude' => $place->longitude,
                'elevation' => $place->elevationMetres, 'zone' => $place->zone, 'sky_glow' => $place->glowLux, 'sky_mag' => $place->skyMag,
                'horizon' => $place->horizon,
                'hazards' => $hazards,
            ]);
            $site = $shoot->refresh()->site();
            foreach ($shoot->shots()->with('revision')->lockForUpdate()->get() as $shot) {
                $revision = $shot->currentRevision();
                try {
                    $pinned = $revision->pinned();
                    $worked = WorkedPlan::of(new PinnedPlan($pinned->plan->movedTo($site, $before), $pinned->pins));
                } catch (InvalidInput) {
                    // A shot that cannot be worked out keeps its place until it is mended; the others move.
                    continue;
                }
                ($this->saveRevision)($shot, $worked, new Message('history.place'), $revision->id);
            }
        });
    }
}
