<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What somebody said to a take that was under way.
 *
 * @property int                  $id
 * @property int                  $take_id
 * @property string               $said
 * @property array<string, mixed> $more
 */
final class TakeOrder extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['more' => 'array'];
    }
}
