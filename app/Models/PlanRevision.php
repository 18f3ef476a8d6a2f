<?php

declare(strict_types=1);

namespace App\Models;

use App\Pages\Settings;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\Problem;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A plan as it stood after one change. Never changed once written: the database refuses it.
 *
 * @property int    $id
 * @property int    $shot_id
 * @property ?int   $parent_id the revision that was changed into this one
 * @property string $plan      evrent.plan/1, JSON
 * @property ?array<string, mixed> $pins what was asked for of photos, interval and shooting time
 * @property string $reason    what was changed, in the plan's units
 * @property ?self  $parent
 * @property ?RevisionFigures $figures
 * @property Carbon $created_at
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'plan_revisions';
    protected $guarded = [];

    /** Read once: a revision never changes. */
    private ?Plan $read = null;

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['pins' => 'array'];
    }

    /**
     * @return HasOne<RevisionFigures, $this>
     */
    public function figures(): HasOne
    {
        return $this->hasOne(RevisionFigures::class, 'plan_revision_id');
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput when it was kept by a version that took what this one cannot read
     */
    public function toPlan(): Plan
    {
        return $this->read ??= PlanReader::kept($this->plan);
    }

    /**
     * What was kept beyond a limit that was drawn since, in the words of the limit.
     *
     * @return list<Problem>
     */
    public function broughtWithin(): array
    {
        $brought = [];
        PlanReader::kept($this->plan, $brought);

        return $brought;
    }

    public function toPins(): Pins
    {
        return Pins::fromArray($this->pins ?? []);
    }

    /**
     * @return BelongsTo<self, $this>
     */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** What was changed, in the units and by the clock that are chosen now, whichever were when it was. */
    public function told(): string
    {
        $settings = app(Settings::class);
        $parent = $settings->units->areThePlans() ? null : $this->loadMissing('parent')->parent;
        $isOfPlans = $parent !== null && Message::toStore(PlanChanges::told($parent->toPlan(), $this->toPlan())) === $this->reason;

        return $settings->clock(
            $isOfPlans ? PlanChanges::told($parent->toPlan(), $this->toPlan(), $settings->units) : Message::stored($this->reason),
        );
    }

    public function pinned(): PinnedPlan
    {
        return new PinnedPlan($this->toPlan(), $this->toPins());
    }
}
