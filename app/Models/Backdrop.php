<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Optics\Backdrop as Photo;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A photo from one end of a shot's move, which the finder shows in place of its drawing.
 *
 * @property int    $id
 * @property int    $shot_id
 * @property string $end       first or last keyframe
 * @property string $whence    camera, check or file
 * @property string $jpeg      in base64
 * @property array{x: float|int, yaw: float|int, pitch: float|int, roll: float|int} $pose of the camera
 * @property array<string, float|int> $positions mm or degrees by axis id
 * @property bool   $is_stood  whether the rig said that it stood there
 * @property float  $half_width
 * @property float  $half_height
 * @property Carbon $created_at
 */
final class Backdrop extends Model
{
    public const ENDS = ['first', 'last'];
    public const UPDATED_AT = null;

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['pose' => 'array', 'positions' => 'array', 'is_stood' => 'bool', 'half_width' => 'float', 'half_height' => 'float'];
    }

    /**
     * All that is known of them but the pictures themselves, which are large.
     *
     * @return Builder<self>
     */
    public static function withoutPictures(): Builder
    {
        $query = self::query();
        $query->select(['id', 'shot_id', 'end', 'whence', 'pose', 'positions', 'is_stood', 'half_width', 'half_height', 'created_at']);

        return $query;
    }

    public function photo(): Photo
    {
        return new Photo(array_map(floatval(...), $this->pose), $this->half_width, $this->half_height);
    }
}
