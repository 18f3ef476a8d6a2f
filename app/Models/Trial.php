<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Presets\TrialText;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A test shoot that is kept with its verdicts.
 *
 * @property int    $id
 * @property int    $shoot_id
 * @property string $subject
 * @property string $content JSON: intervals_s, shutters_s, photos and verdicts
 * @property Shoot  $shoot
 */
final class Trial extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    /**
     * @return BelongsTo<Shoot, $this>
     */
    public function shoot(): BelongsTo
    {
        return $this->belongsTo(Shoot::class);
    }

    /**
     * @return HasMany<TestGrid, $this>
     */
    public function grids(): HasMany
    {
        return $this->hasMany(TestGrid::class);
    }

    public function matrix(): Matrix
    {
        return TrialText::fromJson($this->subject, $this->content);
    }
}
