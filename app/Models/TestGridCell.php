<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use Illuminate\Database\Eloquent\Model;

/**
 * One cell of a test grid that was shot, or why it was not.
 *
 * @property int     $id
 * @property int     $test_grid_id
 * @property string  $cell    places of interval and shutter time, such as "2:0"
 * @property ?string $film    MP4 in base64
 * @property ?string $still   JPEG in base64
 * @property \Evrent\Core\Messages\Text|string $says    what is amiss with it
 * @property ?bool   $is_seen whether there is a clip of it, where the list is asked for
 */
final class TestGridCell extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['says' => Said::class];
    }
}
