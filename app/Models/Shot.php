<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Editing\PinnedPlan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One programmed sequence. Its plan is the current one of its revisions.
 *
 * @property int           $id
 * @property int           $shoot_id
 * @property ?int          $current_revision_id
 * @property int           $setup_minutes       on site before the start
 * @property int           $teardown_minutes    on site after the last photo
 * @property ?int          $clip_revision_id the clip's list as it stands; null while nobody changed it
 * @property ?int          $follows_take_id  of which it is the rest
 * @property ?Take         $follows
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
     * @return BelongsTo<Take, $this>
     */
    public function follows(): BelongsTo
    {
        return $this->belongsTo(Take::class, 'follows_take_id');
    }

    /**
     * @return HasMany<Run, $this>
     */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class)->orderByDesc('id');
    }

    /**
     * @return HasMany<CardReading, $this>
     */
    public function readings(): HasMany
    {
        return $this->hasMany(CardReading::class);
    }

    /**
     * @return HasMany<Film, $this>
     */
    public function films(): HasMany
    {
        return $this->hasMany(Film::class);
    }

    /**
     * @return HasMany<ClipRevision, $this>
     */
    public function clipRevisions(): HasMany
    {
        return $this->hasMany(ClipRevision::class);
    }

    /**
     * @return HasManyThrough<FolderWork, CardReading, $this>
     */
    public function works(): HasManyThrough
    {
        return $this->hasManyThrough(FolderWork::class, CardReading::class);
    }

    /**
     * @return HasMany<DeviceCheck, $this>
     */
    public function checks(): HasMany
    {
        return $this->hasMany(DeviceCheck::class)->chaperone('shot');
    }

    /**
     * @return HasMany<Take, $this>
     */
    public function takes(): HasMany
    {
        return $this->hasMany(Take::class)->orderByDesc('id')->chaperone('shot');
    }

    /**
     * @return array{shoot: int, shot: int} the parts of its addresses that say which it is
     */
    public function address(): array
    {
        return ['shoot' => $this->shoot_id, 'shot' => $this->id];
    }

    /**
     * @param string $route its name
     */
    public function at(string $route): string
    {
        return route($route, $this->address());
    }

    public function path(): string
    {
        return route('shots.show', $this->address(), false);
    }

    /**
     * The shot of an address together with the revision it stands on: little is done with one that does not need the other, and asking
     * once is faster.
     *
     * @param mixed   $value
     * @param ?string $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::addressed($value, self::query());
    }

    /**
     * @param mixed   $value
     * @param ?string $field
     */
    public function resolveSoftDeletableRouteBinding($value, $field = null): ?self
    {
        return self::addressed($value, self::withTrashed());
    }

    /**
     * @param Builder<Shot> $query
     */
    private static function addressed(mixed $value, Builder $query): ?self
    {
        $revision = PlanRevision::query()->whereColumn('plan_revisions.id', 'shots.current_revision_id')
            // JSON stays the text it is in its own table, for the model to read.
            ->selectRaw("to_jsonb(plan_revisions) || jsonb_build_object('plan', plan::text, 'pins', pins::text)");
        $query->addSelect(['*', 'its_revision' => $revision]);
        // Under another shoot's address there is no such shot.
        $found = $query->whereKey($value)->where('shoot_id', request()->route()->originalParameter('shoot'))->first();
        if ($found === null) {
            return null;
        }
        $json = $found->getAttribute('its_revision');
        /** @var ?array<string, mixed> $row */
        $row = is_string($json) ? json_decode($json, true) : null;
        $found->offsetUnset('its_revision');

        return $found->syncOriginal()->setRelation('revision', $row === null ? null : (new PlanRevision())->newFromBuilder($row));
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
