<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Messages\Text;
use Evrent\Core\Run\RunVerdict;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One execution of one revision of a shot's plan.
 *
 * @property int          $id
 * @property int          $shot_id
 * @property int          $plan_revision_id
 * @property string       $kind
 * @property int          $seed
 * @property int          $photos_total
 * @property ?int         $photos_planned      null for runs kept before it was
 * @property ?int         $photos_usable
 * @property int          $late_photos          later than everyday noise
 * @property int          $latest_photo
 * @property float        $latest_late_seconds
 * @property float        $planned_run_seconds
 * @property float        $run_seconds
 * @property Carbon       $created_at
 * @property Shot         $shot
 * @property PlanRevision $revision
 */
final class Run extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['latest_late_seconds' => 'float', 'planned_run_seconds' => 'float', 'run_seconds' => 'float'];
    }

    /**
     * @return BelongsTo<Shot, $this>
     */
    public function shot(): BelongsTo
    {
        // A run outlives the deletion of its shot, which can be undone.
        return $this->belongsTo(Shot::class)->withTrashed();
    }

    /**
     * @return BelongsTo<PlanRevision, $this>
     */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'plan_revision_id');
    }

    /**
     * @return HasMany<RunPhoto, $this>
     */
    public function photos(): HasMany
    {
        return $this->hasMany(RunPhoto::class)->orderBy('number');
    }

    /** Its result, in a few words. */
    public function inShort(): Text|string
    {
        $planned = $this->photos_planned ?? $this->photos_total;

        return RunVerdict::inShort($planned, $this->photos_usable ?? $planned, $this->late_photos);
    }

    /**
     * @return array{shoot: int, shot: int, run: int} the parts of its addresses that say which it is
     */
    public function address(): array
    {
        return [...$this->shot->address(), 'run' => $this->id];
    }

    /**
     * @param string $route its name
     */
    public function at(string $route): string
    {
        return route($route, $this->address());
    }
}
