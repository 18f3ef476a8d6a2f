<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One thing that the shooter wants otherwise than usual.
 *
 * @property string $name
 * @property string $value
 */
final class Setting extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    protected $primaryKey = 'name';

    protected $keyType = 'string';
}
