<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Illuminate\Database\Eloquent\Model;

/**
 * One line of a take's log.
 *
 * @property int                  $take_id
 * @property int                  $number
 * @property int                  $token of who wrote it
 * @property float                $seconds
 * @property string               $kind
 * @property ?int                 $photo
 * @property array<string, mixed> $more
 */
final class TakeLine extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $guarded = [];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['seconds' => 'float', 'more' => 'array'];
    }

    public function read(): LogLine
    {
        return new LogLine(LogKind::from($this->kind), $this->seconds, $this->photo, $this->more);
    }
}
