<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that was looked at before a shot is started.
 *
 * @property int    $shot_id
 * @property string $item
 * @property string $ticked_at
 * @property bool   $is_by_devices
 */
final class PreflightTick extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $guarded = [];
}
