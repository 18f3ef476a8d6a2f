<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A plan as it stood after one change. Never changed once written: the database refuses it.
 *
 * @property int    $id
 * @property int    $shot_id
 * @property ?int   $parent_id the revision that was changed into this one
 * @property string $plan      evrent.plan/1, JSON
 * @property string $reason    what was changed
 * @property Carbon $created_at
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    public function toPlan(): Plan
    {
        return PlanReader::fromJson($this->plan);
    }
}
