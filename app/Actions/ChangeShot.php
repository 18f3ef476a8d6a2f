<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shot;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Plan;
use Illuminate\Support\Facades\DB;

/**
 * Saves what was typed into a shot's fields: the plan, and which of its figures follows from the others, together or neither.
 */
final class ChangeShot
{
    public function __construct(private readonly SaveRevision $saveRevision)
    {
    }

    /**
     * @param int    $fromRevisionId the revision that was changed
     * @param Figure $follows        of photos, interval and shooting time, the one that follows from the other two
     *
     * @throws \App\Exceptions\ShotChangedElsewhere
     * @throws \Evrent\Core\InvalidInput
     */
    public function __invoke(Shot $shot, Plan $plan, int $fromRevisionId, Figure $follows): void
    {
        DB::connection()->transaction(function () use ($shot, $plan, $fromRevisionId, $follows): void {
            $told = PlanChanges::told($shot->currentRevision()->toPlan(), $plan);
            ($this->saveRevision)($shot, $plan, $told, $fromRevisionId);
            $shot->update(['follows' => $follows->value]);
        });
    }
}
