<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use App\Status\CheckStatus;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A test shoot that is shot, cell by cell, over the move of a shot.
 *
 * @property int     $id
 * @property int     $trial_id
 * @property int     $shot_id
 * @property int     $plan_revision_id
 * @property float   $speed      at which simulated devices run their world
 * @property CheckStatus $status
 * @property bool    $is_stopped
 * @property \Evrent\Core\Messages\Text|string  $says       why it failed
 * @property string  $cell       that is being shot
 * @property int     $taken      photos of that cell
 * @property Carbon  $created_at
 * @property ?Carbon $beat_at
 * @property Trial   $trial
 * @property Shot    $shot
 * @property PlanRevision $revision
 * @property \Illuminate\Database\Eloquent\Collection<int, TestGridCell> $cells
 */
final class TestGrid extends Model
{
    use ReachesDevices;

    public const UPDATED_AT = null;

    /** Whoever carries it out is heard of more often than that. */
    public const SILENT_SECONDS = 20;
    private const WAIT_SECONDS = 5;

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';
    protected $attributes = ['status' => CheckStatus::Waiting->value, 'says' => '', 'cell' => '', 'taken' => 0, 'is_stopped' => false];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'status' => CheckStatus::class, 'says' => Said::class, 'rig_words' => 'array', 'speed' => 'float', 'is_stopped' => 'bool',
            'beat_at' => 'datetime',
        ];
    }

    /**
     * @return Builder<self>
     */
    public static function underWay(): Builder
    {
        return self::query()->whereIn('status', CheckStatus::open());
    }

    /**
     * @return BelongsTo<Trial, $this>
     */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class)->withTrashed();
    }

    /**
     * @return BelongsTo<Shot, $this>
     */
    public function shot(): BelongsTo
    {
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
     * What is shot by now, without the clips themselves.
     *
     * @return HasMany<TestGridCell, $this>
     */
    public function cells(): HasMany
    {
        $cells = $this->hasMany(TestGridCell::class);
        $cells->select(['id', 'test_grid_id', 'cell', 'says'])->selectRaw('film is not null as is_seen')->orderBy('id');

        return $cells;
    }

    /** @return list<string> cells that need not be shot any more */
    public function shotCells(): array
    {
        return array_values($this->cells()->get()->map(static fn (TestGridCell $one): string => $one->cell)->all());
    }

    public function at(string $what, ?string $cell = null): string
    {
        return route("grids.{$what}", [$this->trial->shoot_id, $this->trial_id, $this->id, ...($cell === null ? [] : [$cell])]);
    }

    /** Said now and then while it waits for its devices. */
    public function waits(): void
    {
        if ($this->beat_at === null || $this->beat_at->lt(now()->subSeconds(self::WAIT_SECONDS))) {
            $this->forceFill(['beat_at' => now()])->save();
        }
    }

    public function isOver(): bool
    {
        return $this->status->isOver();
    }

    /** Whether nobody carries it out who should. */
    public function isSilent(): bool
    {
        return !$this->isOver() && ($this->beat_at ?? $this->created_at)->lt(now()->subSeconds(self::SILENT_SECONDS));
    }
}
