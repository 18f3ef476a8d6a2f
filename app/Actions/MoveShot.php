<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\WorkedPlan;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Messages\Message;
use Illuminate\Support\Facades\DB;

/**
 * Moves a shot into another shoot, and to its place and day: as one more revision, so that runs keep what they ran.
 */
final class MoveShot
{
    public function __construct(private readonly SaveRevision $saveRevision)
    {
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput when the shot cannot be worked out there
     */
    public function __invoke(Shot $shot, Shoot $to): void
    {
        DB::connection()->transaction(function () use ($shot, $to): void {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            ThrowAway::unlessShooting($locked, $locked->title());
            $before = $locked->shoot->site();
            $revision = $locked->currentRevision();
            $pinned = $revision->pinned();
            $worked = WorkedPlan::of(new PinnedPlan($pinned->plan->movedTo($to->site(), $before), $pinned->pins));
            ($this->saveRevision)($locked, $worked, new Message('history.moved', ['shoot' => $to->name]), $revision->id);
            $locked->update(['shoot_id' => $to->id]);
            $shot->setRawAttributes($locked->getAttributes(), true)->unsetRelations();
        });
    }
}
