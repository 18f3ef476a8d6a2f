<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Format\KitFormat;
use Evrent\Core\Kit\KitItem as Piece;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A piece of kit in the bag.
 *
 * @property int    $id
 * @property string $kind
 * @property string $name
 * @property string $content JSON: one item of evrent.kit/1
 */
final class KitItem extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    public function piece(): Piece
    {
        return KitFormat::itemFromJson($this->content);
    }

    /**
     * @return array{kind: string, name: string, content: string} what is kept of a piece
     */
    public static function keeping(Piece $piece): array
    {
        return ['kind' => $piece->kind->value, 'name' => $piece->name, 'content' => KitFormat::itemToJson($piece)];
    }
}
