<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Messages\Message;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A clip's list as it stood after one change.
 *
 * @property int    $id
 * @property int    $shot_id
 * @property ?int   $parent_id the one that was changed into this
 * @property string $list      evrent.clip/1, JSON
 * @property string $reason    what was changed
 * @property Carbon $created_at
 */
final class ClipRevision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    public function clip(): Clip
    {
        return ClipJson::read($this->list);
    }

    /** What was changed, in words. */
    public function told(): string
    {
        return Words::say(Message::stored($this->reason));
    }
}
