<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The small picture of the latest photo of a take.
 *
 * @property int    $take_id
 * @property int    $photo
 * @property string $jpeg in base64
 */
final class TakePicture extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'take_id';
    protected $guarded = [];
}
