<?php

declare(strict_types=1);

namespace App\Models;

use App\Pages\WorkedPlan;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Database\Eloquent\Model;

/**
 * The figures of a revision, worked out once. A revision never changes, so these never go stale.
 *
 * @property int     $plan_revision_id
 * @property int     $version
 * @property ?string $figures JSON; null when the plan cannot be worked out
 */
final class RevisionFigures extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $table = 'revision_figures';
    protected $primaryKey = 'plan_revision_id';
    protected $guarded = [];

    public static function keep(int $revisionId, ?ShotFigures $figures): void
    {
        $row = ['plan_revision_id' => $revisionId, 'version' => ShotFigures::VERSION, 'figures' => self::written($figures)];
        self::query()->upsert([$row], 'plan_revision_id');
    }

    /** JSON, as it is kept. */
    public static function written(?ShotFigures $figures): ?string
    {
        return $figures === null ? null : json_encode($figures->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** As they are kept, or worked out now and kept; null when the plan cannot be worked out. */
    public static function of(PlanRevision $revision): ?ShotFigures
    {
        $kept = $revision->figures;
        if ($kept !== null && $kept->version === ShotFigures::VERSION) {
            return $kept->read();
        }
        try {
            $figures = WorkedPlan::of($revision->pinned())->figures;
        } catch (InvalidInput) {
            $figures = null;
        }
        self::keep($revision->id, $figures);

        return $figures;
    }

    /** Null when the plan cannot be worked out. */
    public function read(): ?ShotFigures
    {
        if ($this->figures === null) {
            return null;
        }
        /** @var array<string, mixed> $kept */
        $kept = json_decode($this->figures, true, Message::DEPTH, JSON_THROW_ON_ERROR);

        return ShotFigures::fromArray($kept);
    }
}
