<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\ShotChangedElsewhere;
use App\Http\AskedEdit;
use App\Models\AnsweredRequest;
use App\Models\PlanRevision;
use App\Models\Shot;
use App\Pages\EditedShot;
use App\Pages\ShotPage;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Undo and redo: the shot steps to the revision it came from, or to the newest that was made from it.
 */
final class StepThroughHistory
{
    /**
     * @throws ShotChangedElsewhere when the shot no longer stands on the revision that the page shows
     * @throws InvalidInput         when there is no revision to step to
     */
    public function undo(Shot $shot, AskedEdit $asked): EditedShot
    {
        return $this->step($shot, $asked, fn (PlanRevision $current): ?PlanRevision => $this->before($current));
    }

    /**
     * @throws ShotChangedElsewhere when the shot no longer stands on the revision that the page shows
     * @throws InvalidInput         when there is no revision to step to
     */
    public function redo(Shot $shot, AskedEdit $asked): EditedShot
    {
        return $this->step($shot, $asked, fn (PlanRevision $current): ?PlanRevision => $this->after($current));
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
    private function step(Shot $shot, AskedEdit $asked, callable $towards): EditedShot
    {
        $revisionId = DB::connection()->transaction(function () use ($shot, $asked, $towards): int {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $answered = $asked->key === null ? null : AnsweredRequest::query()->find($asked->key);
            $revision = $locked->currentRevision();
            if ($answered === null) {
                if ($revision->id !== $asked->revisionId) {
                    throw new ShotChangedElsewhere();
                }
                $revision = $towards($revision) ?? throw new InvalidInput([new Problem('', '')]);
                $locked->update(['current_revision_id' => $revision->id]);
                if ($asked->key !== null) {
                    AnsweredRequest::query()->create(['key' => $asked->key, 'plan_revision_id' => $revision->id]);
                }
            }
            $shot->setRawAttributes($locked->getAttributes(), true);
            $shot->setRelation('revision', $revision);

            return $answered->plan_revision_id ?? $revision->id;
        });

        // Worked out afterwards: a step to a plan that cannot be is a step all the same, and the next may lead out.
        return new EditedShot(ShotPage::of($shot), '', $revisionId);
    }
}
