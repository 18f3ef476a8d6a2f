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
use App\Pages\WorkedPlan;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Messages\Text;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * The one way in which a shot's plan is changed, or looked at as it would be: the edit is made, worked out, judged and drawn, and only
 * then kept.
 */
final class EditShot
{
    public function __construct(private readonly SaveRevision $saveRevision)
    {
    }

    /**
     * @param callable(PinnedPlan): Edited|Edited $edit what to make of the plan, or what takes its place
     *
     * @throws ShotChangedElsewhere
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __invoke(Shot $shot, AskedEdit $asked, callable|Edited $edit): EditedShot
    {
        if ($asked->isPreview) {
            return $this->lookedAt($shot, $edit instanceof Edited ? $edit : $edit($shot->pinned()));
        }

        return $this->kept($shot, $asked, $edit) ?? DB::connection()->transaction(function () use ($shot, $asked, $edit): EditedShot {
            // Somebody saved while it was worked out. It is worked out again on top of that, and nobody saves meanwhile.
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $shot->setRawAttributes($locked->getAttributes(), true)->unsetRelation('revision');

            return $this->kept($shot, $asked, $edit) ?? throw new ShotChangedElsewhere();
        });
    }

    /**
     * @param callable(PinnedPlan): Edited|Edited $edit
     *
     * @return ?EditedShot null when the shot stood on another revision by the time it was worked out
     *
     * @throws ShotChangedElsewhere
     * @throws \Evrent\Core\Values\InvalidInput
     */
    private function kept(Shot $shot, AskedEdit $asked, callable|Edited $edit): ?EditedShot
    {
        $from = $shot->currentRevision();
        $elsewhere = '';
        if ($from->id !== $asked->revisionId) {
            $answered = $this->answered($shot, $asked);
            if ($answered !== null) {
                return $answered;
            }
            $elsewhere = $this->changedElsewhere($shot, $from, $asked);
        }
        $edited = $edit instanceof Edited ? $edit : $edit($from->pinned());
        $worked = WorkedPlan::of(new PinnedPlan($edited->plan, $edited->pins));
        try {
            if (!($this->saveRevision)($shot, $worked, $edited->told, $from->id, $asked->key)) {
                AnsweredRequest::note($asked->key, $from->id);
            }
        } catch (UniqueConstraintViolationException) {
            // The same edit came twice, and the other was faster.
            return $this->answered($shot, $asked);
        } catch (ShotChangedElsewhere) {
            return null;
        }

        return new EditedShot(new ShotPage($shot, $worked, false, $edited->givesWay, $edited->otherWays), $elsewhere, $shot->current_revision_id);
    }

    /** What is answered to an edit that was made and answered before, should its answer be lost; null when it was not. */
    private function answered(Shot $shot, AskedEdit $asked): ?EditedShot
    {
        $answered = $asked->key === null ? null : AnsweredRequest::query()->find($asked->key);
        if ($answered === null) {
            return null;
        }
        $now = Shot::query()->findOrFail($shot->id);
        $shot->setRawAttributes($now->getAttributes(), true)->unsetRelation('revision');

        return new EditedShot(ShotPage::of($shot), '', $answered->plan_revision_id);
    }

    private function lookedAt(Shot $shot, Edited $edited): EditedShot
    {
        $current = $shot->currentRevision();
        // Back where it was, there is nothing to look at but the shot itself.
        $isSame = $edited->pins->equals($current->toPins()) && PlanWriter::toJson($edited->plan) === PlanWriter::toJson($current->toPlan());
        $worked = WorkedPlan::of(new PinnedPlan($edited->plan, $edited->pins));

        return new EditedShot(new ShotPage($shot, $worked, !$isSame, $edited->givesWay));
    }

    /**
     * The shot was changed since the page was drawn. What was typed goes on top, as long as nobody else changed the same.
     *
     * @return string what was changed elsewhere, in words
     *
     * @throws ShotChangedElsewhere
     */
    private function changedElsewhere(Shot $shot, PlanRevision $now, AskedEdit $asked): Text|string
    {
        $shown = $shot->revisions()->find($asked->revisionId);
        if (!$shown instanceof PlanRevision || $asked->typed === null) {
            throw new ShotChangedElsewhere();
        }
        $before = ShotPage::textsOf($shown->toPlan(), $shown->toPins());
        $after = ShotPage::textsOf($now->toPlan(), $now->toPins());
        $isElsewhere = array_keys($before) !== array_keys($after);
        foreach ($asked->typed as $pointer => $text) {
            $isOfAList = preg_match('~/\d+/~', $pointer) === 1;
            $was = $before[$pointer] ?? null;
            $is = $after[$pointer] ?? null;
            if ($is !== $text && ($was !== $is || $isOfAList && $isElsewhere)) {
                throw new ShotChangedElsewhere($pointer);
            }
        }

        return PlanChanges::told($shown->toPlan(), $now->toPlan());
    }
}
