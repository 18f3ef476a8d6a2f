<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PlanRevision;
use App\Models\Shot;
use Illuminate\Support\Facades\DB;

/**
 * Undo and redo: the shot steps to the revision it came from, or to the newest that was made from it.
 */
final class StepThroughHistory
{
    /**
     * @return bool whether there was a revision to step to
     */
    public function undo(Shot $shot): bool
    {
        return $this->step($shot, fn (PlanRevision $current): ?PlanRevision => $this->before($current));
    }

    /**
     * @return bool whether there was a revision to step to
     */
    public function redo(Shot $shot): bool
    {
        return $this->step($shot, fn (PlanRevision $current): ?PlanRevision => $this->after($current));
    }

    public function before(PlanRevision $revision): ?PlanRevision
    {
        return $revision->parent_id === null ? null : PlanRevision::query()->find($revision->parent_id);
    }

    public function after(PlanRevision $revision): ?PlanRevision
    {
        return PlanRevision::query()->where('parent_id', $revision->id)->orderByDesc('id')->first();
    }

    /**
     * @param callable(PlanRevision): ?PlanRevision $towards
     */
    private function step(Shot $shot, callable $towards): bool
    {
        return DB::connection()->transaction(function () use ($shot, $towards): bool {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $revision = $towards($locked->currentRevision());
            if ($revision === null) {
                return false;
            }
            $locked->update(['current_revision_id' => $revision->id]);
            $shot->setRawAttributes($locked->getAttributes(), true);
            $shot->setRelation('revision', $revision);

            return true;
        });
    }
}
