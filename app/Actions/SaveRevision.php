<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\ShotChangedElsewhere;
use App\Models\AnsweredRequest;
use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use App\Models\Shot;
use App\Plans\WorkedPlan;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Support\Facades\DB;

/**
 * Makes a plan that was worked out the current revision of its shot, with its figures.
 */
final class SaveRevision
{
    /**
     * @param ?int    $fromRevisionId the revision that was changed; null for a shot's first
     * @param ?string $key            of the request that asks for it, which is then answered
     *
     * @return bool whether it differs from the current revision, and so was saved
     *
     * @throws ShotChangedElsewhere                                        when the shot stands on another revision by now
     * @throws \Illuminate\Database\UniqueConstraintViolationException when the request was answered already
     */
    public function __invoke(Shot $shot, WorkedPlan $worked, string $reason, ?int $fromRevisionId, ?string $key = null): bool
    {
        $json = PlanWriter::toJson($worked->pinned->plan);
        if ($fromRevisionId !== null && $this->isSame($shot->currentRevision(), $worked, $json)) {
            return false;
        }
        $revision = DB::connection()->transaction(static function () use ($shot, $worked, $json, $reason, $fromRevisionId, $key): PlanRevision {
            $revision = PlanRevision::query()->create([
                'shot_id' => $shot->id,
                'parent_id' => $fromRevisionId,
                'plan' => $json,
                'pins' => $worked->pinned->pins->toArray(),
                'reason' => mb_substr($reason, 0, 300),
            ]);
            RevisionFigures::keep($revision->id, $worked->figures);
            if ($key !== null) {
                AnsweredRequest::query()->insert([['key' => $key, 'plan_revision_id' => $revision->id]]);
            }
            // In one step with the look at where it stands: of two that save at once, the second finds nothing to change.
            $moved = Shot::query()->whereKey($shot->id)->where('current_revision_id', $fromRevisionId)->update(['current_revision_id' => $revision->id]);

            return $moved === 1 ? $revision : throw new ShotChangedElsewhere();
        });
        $shot->forceFill(['current_revision_id' => $revision->id])->syncOriginal();
        $shot->setRelation('revision', $revision);

        return true;
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
