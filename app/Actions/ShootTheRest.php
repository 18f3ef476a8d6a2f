<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shot;
use App\Models\Take;
use Evrent\Core\Editing\RestOfShot;
use Evrent\Core\Messages\Message;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Support\Facades\DB;

/**
 * Makes a shot of what a take that ended early left. Pressed twice, it is one shot.
 */
final readonly class ShootTheRest
{
    public function __construct(private CreateShot $createShot)
    {
    }

    /**
     * @param int $from first photo of the rest
     *
     * @throws InvalidInput
     */
    public function __invoke(Take $take, int $from): Shot
    {
        if (!$take->isOver()) {
            throw new InvalidInput([new Problem('/from', new Message('app.shoot_rest.under_way'))]);
        }
        $rest = RestOfShot::of(Schedule::of($take->revision->toPlan()), $from, Words::of('editing.rest_of_shot.mark'));

        return DB::connection()->transaction(function () use ($take, $rest): Shot {
            Take::query()->lockForUpdate()->findOrFail($take->id);
            foreach (Shot::query()->where('follows_take_id', $take->id)->get() as $there) {
                if ($there->currentRevision()->toPlan()->photosTotal() === $rest->photosTotal()) {
                    return $there;
                }
            }
            $shot = ($this->createShot)($take->shot->shoot, $rest, new Message('history.rest', ['title' => $take->shot->title()]));
            $shot->update(['follows_take_id' => $take->id]);

            return $shot;
        });
    }
}
