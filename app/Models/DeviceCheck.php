<?php

declare(strict_types=1);

namespace App\Models;

use App\Status\CheckStatus;
use Evrent\Devices\Running\CheckKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What rig and camera were asked before a shot, and what they said.
 *
 * @property int       $id
 * @property int       $shot_id
 * @property CheckKind $what
 * @property CheckStatus $status
 * @property bool      $is_stopped
 * @property list<mixed> $said
 * @property array<string, array{isWell: ?bool, says: mixed}> $found
 * @property list<array{name: string, photo: int, file: string, jpeg: ?string}> $pictures
 * @property Carbon    $created_at
 * @property ?Carbon   $beat_at
 * @property Shot      $shot
 * @property PlanRevision $revision
 */
final class DeviceCheck extends Model
{
    use ReachesDevices;

    public const UPDATED_AT = null;

    /** Whoever carries it out is heard of more often than that. */
    public const SILENT_SECONDS = 20;

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'what' => CheckKind::class, 'status' => CheckStatus::class, 'said' => 'array', 'rig_words' => 'array',
            'found' => 'array', 'pictures' => 'array', 'is_stopped' => 'bool', 'beat_at' => 'datetime',
        ];
    }

    /**
     * @return BelongsTo<PlanRevision, $this>
     */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'plan_revision_id');
    }

    /**
     * @return BelongsTo<Shot, $this>
     */
    public function shot(): BelongsTo
    {
        return $this->belongsTo(Shot::class)->withTrashed();
    }

    public function at(string $what = 'show', ?string $name = null): string
    {
        return route("checks.{$what}", [...$this->shot->address(), 'check' => $this->id, ...($name === null ? [] : ['name' => $name])]);
    }

    /**
     * Those that took test photos.
     *
     * @return Builder<self>
     */
    public static function withPictures(): Builder
    {
        $query = self::query();
        $query->whereJsonLength('pictures', '>', 0);

        return $query;
    }

    /** @return list<string> its test photos, in base64, in the order of the keyframes; without those of which nothing is to be seen */
    public function testPhotos(): array
    {
        return array_values(array_filter(array_column($this->pictures, 'jpeg'), is_string(...)));
    }

    /** Whether nobody carries it out who should. */
    public function isSilent(): bool
    {
        return !$this->isOver() && ($this->beat_at ?? $this->created_at)->lt(now()->subSeconds(self::SILENT_SECONDS));
    }

    public function isOver(): bool
    {
        return $this->status->isOver();
    }
}
