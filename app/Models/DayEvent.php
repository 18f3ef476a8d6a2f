<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Something of the shooter's own on the day of a shoot: a tide, a ferry, a gate that closes.
 *
 * @property int    $id
 * @property int    $shoot_id
 * @property string $at    as typed
 * @property string $label
 */
final class DayEvent extends Model
{
    use SoftDeletes;

    protected $guarded = [];
}
