<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * An outing: one place, one day, some shots.
 *
 * @property int     $id
 * @property string  $name
 * @property string  $place
 * @property ?Carbon $shoot_date
 * @property bool    $is_demo
 */
final class Shoot extends Model
{
    protected $guarded = [];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['shoot_date' => 'date', 'is_demo' => 'boolean'];
    }

    /**
     * @return HasMany<Shot, $this>
     */
    public function shots(): HasMany
    {
        return $this->hasMany(Shot::class)->orderBy('id');
    }
}
