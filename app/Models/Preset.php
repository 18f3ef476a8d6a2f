<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Presets\PresetKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A move, a whole shot or a recipe, kept to start other shots from.
 *
 * @property int        $id
 * @property string     $name
 * @property PresetKind $kind
 * @property string     $note    what it is for; a recipe's reason
 * @property string     $content JSON: evrent.plan/1 for moves and shots; interval_s, open_share and clip_s for recipes
 */
final class Preset extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['kind' => PresetKind::class];
    }
}
