<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\ShotChangedElsewhere;
use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use App\Models\Shot;
use App\Pages\WorkedPlan;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Support\Facades\DB;

/**
 * Makes a plan that was worked out the current revision of its shot, with its figures.
 */
final class SaveRevision
{
    /**
     * All of it or nothing, in one way to the database and back. In one step with the look at where the shot stands: of two that save at
     * once, the second finds nothing to change.
     */
    private const SAVE = <<<'SQL'
        with shot as (
            select id from shots where id = ? and current_revision_id is not distinct from ?::bigint and deleted_at is null for update
        ), revision as (
            insert into plan_revisions (shot_id, parent_id, plan, pins, reason, created_at)
            select id, ?::bigint, ?::jsonb, ?::jsonb, ?, ?::timestamptz from shot returning id, shot_id, parent_id, plan, pins, reason, created_at
        ), figures as (
            insert into revision_figures (plan_revision_id, version, figures) select id, ?::integer, ?::jsonb from revision
        ), answered as (
            insert into answered_requests (key, plan_revision_id) select asked.key, revision.id
            from revision, (select ?::uuid as key) as asked where asked.key is not null
        ), moved as (
            update shots set current_revision_id = revision.id, updated_at = revision.created_at from revision where shots.id = revision.shot_id
        )
        select * from revision
        SQL;

    /**
     * @param ?int    $fromRevisionId the revision that was changed; null for a shot's first
     * @param ?string $key            of the request that asks for it, which is then answered
     *
     * @return bool whether it differs from the current revision, and so was saved
     *
     * @throws ShotChangedElsewhere                                        when the shot stands on another revision by now
     * @throws \Illuminate\Database\UniqueConstraintViolationException when the request was answered already
     */
    public function __invoke(Shot $shot, WorkedPlan $worked, Text|string $reason, ?int $fromRevisionId, ?string $key = null): bool
    {
        $json = PlanWriter::toJson($worked->pinned->plan);
        if ($fromRevisionId !== null && $this->isSame($shot->currentRevision(), $worked, $json)) {
            return false;
        }
        $kept = Message::toStore(is_string($reason) ? mb_substr($reason, 0, 300) : $reason);
        $revision = $this->inserted($shot, $worked, $json, $kept, $fromRevisionId, $key) ?? throw new ShotChangedElsewhere();
        $shot->forceFill(['current_revision_id' => $revision->id])->syncOriginal();
        $shot->setRelation('revision', $revision);

        return true;
    }

    /** Null when the shot stands on another revision by now. */
    private function inserted(Shot $shot, WorkedPlan $worked, string $json, string $reason, ?int $fromRevisionId, ?string $key): ?PlanRevision
    {
        $pins = json_encode($worked->pinned->pins->toArray(), JSON_THROW_ON_ERROR);
        $figures = RevisionFigures::written($worked->figures);
        $values = [
            $shot->id, $fromRevisionId, $fromRevisionId, $json, $pins, $reason, now()->format((new PlanRevision())->getDateFormat()),
            ShotFigures::VERSION, $figures, $key,
        ];
        $database = DB::connection();
        $save = static fn (): ?PlanRevision => PlanRevision::query()->fromQuery(self::SAVE, $values)->first();
        // Within what has more to do, a refusal takes back this step alone.
        $revision = $database->transactionLevel() > 0 ? $database->transaction($save) : $save();
        if ($revision !== null) {
            $revision->wasRecentlyCreated = true;
        }

        return $revision;
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
