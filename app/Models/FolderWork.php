<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use App\Status\FolderWorkStatus;
use Evrent\Core\Photos\Pace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What is done with a card's photos and another folder: a copy is checked byte by byte, or numbered links or copies are made.
 *
 * @property int          $id
 * @property int          $card_reading_id
 * @property string       $kind     check, links or copies
 * @property string       $folder   the other
 * @property FolderWorkStatus $status
 * @property \Evrent\Core\Messages\Text|string       $trouble
 * @property int          $files
 * @property int          $done
 * @property string       $manifest checksums of the photos, or of what was made
 * @property list<string> $missing  paths that the copy does not have
 * @property list<string> $changed  paths under which it has something else
 * @property Carbon       $created_at
 * @property ?Carbon      $begun_at
 * @property ?Carbon      $ended_at
 * @property CardReading  $reading
 */
final class FolderWork extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'status' => FolderWorkStatus::class, 'trouble' => Said::class, 'missing' => 'array', 'changed' => 'array', 'begun_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }

    /**
     * @return BelongsTo<CardReading, $this>
     */
    public function reading(): BelongsTo
    {
        return $this->belongsTo(CardReading::class, 'card_reading_id');
    }

    /** @param string $what of it: show, stop or manifest */
    public function at(string $what): string
    {
        return route("folders.{$what}", [...$this->reading->shot->address(), 'work' => $this->id]);
    }

    public function isOver(): bool
    {
        return $this->status->isOver();
    }

    /** Whether a copy was found to be one. */
    public function isGood(): bool
    {
        return $this->kind === 'check' && $this->status === FolderWorkStatus::Done && $this->missing === [] && $this->changed === [];
    }

    /** Seconds until it is over, as it goes; null while that cannot be said. */
    public function secondsLeft(): ?float
    {
        return $this->begun_at === null ? null : Pace::left($this->done, $this->files, $this->begun_at->diffInSeconds(now()));
    }
}
