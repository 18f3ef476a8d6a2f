<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DayEvent;
use App\Models\Shoot;
use Evrent\Core\Day\OwnEvents;
use Illuminate\Support\Facades\DB;

/**
 * Something else that happens on the day of a shoot.
 */
final class AddDayEvent
{
    /**
     * @throws \Evrent\Core\Values\InvalidInput with the pointers /at and /label
     */
    public function __invoke(Shoot $shoot, string $at, string $label): void
    {
        DB::connection()->transaction(static function () use ($shoot, $at, $label): void {
            // Locked, so that windows that add at once are counted one after the other.
            Shoot::query()->lockForUpdate()->findOrFail($shoot->id);
            $kept = $shoot->dayEvents()->get()->map(static fn (DayEvent $event): array => ['at' => $event->at, 'label' => $event->label])->all();
            $shoot->dayEvents()->create(OwnEvents::read($kept)->another($at, $label));
        });
    }
}
