<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Editing\PinnedPlan;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One programmed sequence. Its plan is the current one of its revisions.
 *
 * @property int           $id
 * @property int           $shoot_id
 * @property ?int          $current_revision_id
 * @property int           $setup_minutes       on site before the start
 * @property int           $teardown_minutes    on site after the last photo
 * @property ?PlanRevision $revision
 * @property Shoot         $shoot
 */
final class Shot extends Model
{
    use SoftDeletes;

    protected $table = 'shots';
    protected $guarded = [];

    /**
     * @return BelongsTo<Shoot, $this>
     */
    public function shoot(): BelongsTo
    {
        return $this->belongsTo(Shoot::class);
    }

    /**
     * @return BelongsTo<PlanRevision, $this>
     */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'current_revision_id');
    }

    /**
     * @return HasMany<PlanRevision, $this>
     */
    public function revisions(): HasMany
    {
        return $this->hasMany(PlanRevision::class);
    }

    /**
     * @return HasMany<Run, $this>
     */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class)->orderByDesc('id');
    }

    /** What it is called, even when its plan cannot be read. */
    public function title(): string
    {
        $plan = PlanRevision::query()->whereKey($this->current_revision_id)->value('plan');
        $document = is_string($plan) ? json_decode($plan, true) : null;
        $title = is_array($document) ? $document['title'] ?? null : null;

        return is_string($title) ? $title : "shot {$this->id}";
    }

    public function pinned(): PinnedPlan
    {
        return $this->currentRevision()->pinned();
    }

    /** The revision that the shot stands on; a shot is never saved without one. */
    public function currentRevision(): PlanRevision
    {
        return $this->revision ?? throw new \LogicException("Shot {$this->id} has no revision.");
    }
}
