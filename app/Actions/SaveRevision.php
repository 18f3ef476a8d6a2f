<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\ShotChangedElsewhere;
use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use App\Models\Shot;
use App\Plans\WorkedPlan;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\InvalidInput;
use Illuminate\Support\Facades\DB;

/**
 * Makes a plan that was worked out the current revision of its shot, with its figures.
 */
final class SaveRevision
{
    /**
     * @param ?int $fromRevisionId the revision that was changed; null for a shot's first
     * @param bool $isLocked       whether the caller holds the lock on the shot's row, in a transaction of its own
     *
     * @return bool whether it differs from the current revision, and so was saved
     *
     * @throws ShotChangedElsewhere
     */
    public function __invoke(Shot $shot, WorkedPlan $worked, string $reason, ?int $fromRevisionId, bool $isLocked = false): bool
    {
        $save = function () use ($shot, $worked, $reason, $fromRevisionId, $isLocked): bool {
            $locked = $isLocked ? $shot : Shot::query()->lockForUpdate()->findOrFail($shot->id);
            if ($locked->current_revision_id !== $fromRevisionId) {
                throw new ShotChangedElsewhere();
            }
            $json = PlanWriter::toJson($worked->pinned->plan);
            if ($fromRevisionId !== null && $this->isSame($locked->currentRevision(), $worked, $json)) {
                return false;
            }
            $revision = PlanRevision::query()->create([
                'shot_id' => $locked->id,
                'parent_id' => $fromRevisionId,
                'plan' => $json,
                'pins' => $worked->pinned->pins->toArray(),
                'reason' => mb_substr($reason, 0, 300),
            ]);
            RevisionFigures::keep($revision->id, $worked->figures);
            $locked->update(['current_revision_id' => $revision->id]);
            if (!$isLocked) {
                $shot->setRawAttributes($locked->getAttributes(), true);
            }
            $shot->setRelation('revision', $revision);

            return true;
        };

        return $isLocked ? $save() : DB::connection()->transaction($save);
    }

    private function isSame(PlanRevision $current, WorkedPlan $worked, string $json): bool
    {
        if (!$current->toPins()->equals($worked->pinned->pins)) {
            return false;
        }
        try {
            return PlanWriter::toJson($current->toPlan()) === $json;
        } catch (InvalidInput) {
            // What cannot be read is another plan than one that can.
            return false;
        }
    }
}
