<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DayEvent;
use App\Models\Shoot;
use Evrent\Core\Messages\Message;
use Evrent\Words\Words;
use Illuminate\Support\Facades\DB;

/**
 * The same shoot once more: its place, day and events, and each shot as it stands. What was run, packed and deleted stays with the first.
 */
final class CopyShoot
{
    private const MOST_CHARACTERS = 200;

    public function __construct(private readonly CreateShot $createShot)
    {
    }

    public function __invoke(Shoot $shoot): Shoot
    {
        return DB::connection()->transaction(function () use ($shoot): Shoot {
            $room = self::MOST_CHARACTERS - mb_strlen(Words::of('common.copy_of', title: ''));
            $copy = $shoot->replicate(['is_demo'])->fill([
                'name' => Words::of('common.copy_of', title: mb_substr($shoot->name, 0, $room)), 'is_demo' => false,
            ]);
            $copy->save();
            $copy->dayEvents()->createMany($shoot->dayEvents->map(static fn (DayEvent $event): array => $event->only(['at', 'label']))->all());
            foreach ($shoot->shots()->with('revision')->get() as $shot) {
                $pinned = $shot->pinned();
                $made = ($this->createShot)($copy, $pinned->plan, new Message('history.copied', ['title' => $shoot->name]), $pinned->pins);
                $made->update(['setup_minutes' => $shot->setup_minutes, 'teardown_minutes' => $shot->teardown_minutes]);
            }

            return $copy;
        });
    }
}
