<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A change that was made and answered. When its answer is lost, the page sends it again under the same key: then it is only answered.
 *
 * @property string  $key
 * @property ?int    $plan_revision_id that it led to
 * @property ?string $location         to go on to
 */
final class AnsweredRequest extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'key';
    protected $keyType = 'string';
    protected $table = 'answered_requests';
    protected $guarded = [];

    /** That a request which changed nothing was answered. */
    public static function note(?string $key, int $revisionId): void
    {
        if ($key !== null) {
            self::query()->insertOrIgnore(['key' => $key, 'plan_revision_id' => $revisionId]);
        }
    }
}
