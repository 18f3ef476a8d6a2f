<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\InHand;
use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Models\Take;
use App\Models\TestGrid;
use App\Status\CheckStatus;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\Order;
use Evrent\Words\Words;

/**
 * Stops whatever moves for a shot: a rig in hand, a check of devices, a take. Nobody is asked whether they are sure.
 */
final readonly class StopRig
{
    public function __construct(private InHand $hand, private CheckDevices $checks, private ShootGrid $grids, private OrderTake $order)
    {
    }

    /** @return string what was stopped, for whoever pressed it */
    public function __invoke(Shot $shot): string
    {
        $stopped = $this->hand->rigsOf($shot, 'stop') === [] ? [] : [new Message('app.stop.rig')];
        foreach (DeviceCheck::query()->where('shot_id', $shot->id)->whereIn('status', CheckStatus::open())->get() as $check) {
            $this->checks->stop($check);
            $stopped[] = new Message('app.stop.check');
        }
        foreach (TestGrid::underWay()->where('shot_id', $shot->id)->get() as $grid) {
            $this->grids->stop($grid);
            $stopped[] = new Message('app.stop.test');
        }
        foreach (Take::underWay()->where('shot_id', $shot->id)->get() as $take) {
            ($this->order)($take, Order::Abort, [], null);
            $stopped[] = new Message('app.stop.take');
        }

        return Words::say($stopped === [] ? new Message('app.stop.nothing') : Joined::of($stopped, Joined::SENTENCES));
    }
}
