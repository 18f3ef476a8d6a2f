<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\ShotChangedElsewhere;
use App\Models\PlanRevision;
use App\Models\Shot;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Evrent\Core\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Makes a plan the current revision of its shot.
 */
final class SaveRevision
{
    /** What one page can compute and show between two key presses. Longer plans are for the core alone. */
    public const MOST_PHOTOS = 20_000;

    /**
     * @param ?int $fromRevisionId the revision that was changed; null for a shot's first
     *
     * @return bool whether it differs from the current revision, and so was saved
     *
     * @throws ShotChangedElsewhere
     * @throws InvalidInput
     */
    public function __invoke(Shot $shot, Plan $plan, string $reason, ?int $fromRevisionId): bool
    {
        if (max($plan->photosTotal(), $plan->photosProgrammed()) > self::MOST_PHOTOS) {
            throw new InvalidInput([new Problem('/timing/photos', sprintf(
                'A shot can have up to %s photos here, head, tail and held ones included.',
                number_format(self::MOST_PHOTOS),
            ))]);
        }

        return DB::connection()->transaction(function () use ($shot, $plan, $reason, $fromRevisionId): bool {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            if ($locked->current_revision_id !== $fromRevisionId) {
                throw new ShotChangedElsewhere();
            }
            $json = PlanWriter::toJson($plan);
            if ($fromRevisionId !== null && PlanWriter::toJson($locked->currentRevision()->toPlan()) === $json) {
                return false;
            }
            $revision = PlanRevision::query()->create([
                'shot_id' => $locked->id,
                'parent_id' => $fromRevisionId,
                'plan' => $json,
                'reason' => mb_substr($reason, 0, 300),
            ]);
            $locked->update(['current_revision_id' => $revision->id]);
            $shot->setRawAttributes($locked->getAttributes(), true);
            $shot->setRelation('revision', $revision);

            return true;
        });
    }
}
