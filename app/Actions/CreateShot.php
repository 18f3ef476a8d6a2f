<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\Settings;
use App\Pages\WorkedPlan;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Illuminate\Support\Facades\DB;

/**
 * Adds a shot with its first revision to a shoot. It is taken where and when the shoot is, if the shoot knows.
 */
final class CreateShot
{
    public function __construct(private readonly SaveRevision $saveRevision, private readonly Settings $settings)
    {
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __invoke(Shoot $shoot, Plan $plan, Text|string $reason, Pins $pins = new Pins()): Shot
    {
        $worked = WorkedPlan::of(new PinnedPlan($plan->with(['site' => $shoot->site() ?? $plan->site]), $pins));

        return DB::connection()->transaction(function () use ($shoot, $worked, $reason): Shot {
            $shot = Shot::query()->create(['shoot_id' => $shoot->id, 'current_revision_id' => null, ...$this->settings->aroundNewShot()]);
            ($this->saveRevision)($shot, $worked, $reason, null);

            return $shot;
        });
    }
}
