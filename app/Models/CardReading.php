<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use App\Status\ReadingStatus;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Pace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Photos in a folder, as they were read for a shot, and which of them is which.
 *
 * @property int          $id
 * @property int          $shot_id
 * @property int          $plan_revision_id
 * @property ?int         $take_id
 * @property string       $folder
 * @property ReadingStatus $status
 * @property \Evrent\Core\Messages\Text|string       $trouble
 * @property int          $files
 * @property int          $done
 * @property list<string> $names
 * @property list<string> $others
 * @property string       $told
 * @property array<string, float> $lumas how bright each photo is, 0 to 1, by its path
 * @property array<string, array{float, float}> $shifts how much farther right and down each picture lies than that of the photo read before it
 * @property array<string, true> $torn files whose end is not there, by path
 * @property array<string, mixed> $unread why a file was left out, by path
 * @property array<int, array{mark: string, why: string}> $marks by number
 * @property ?string      $matched
 * @property ?string      $sheet as `Sheet` writes it
 * @property ?int         $rating how it came out, one of `Take::RATINGS`
 * @property ?array{file: string, number: int} $placed by hand
 * @property ?array<int, float> $exposures what each photo let in, stops, by number; null where it was read by an earlier Evrent
 * @property string       $developed_folder where photos lie that were developed elsewhere
 * @property array<int, string> $developed their paths from that folder on, by number
 * @property Carbon       $created_at
 * @property ?Carbon      $begun_at
 * @property ?Carbon      $ended_at
 * @property Shot         $shot
 * @property PlanRevision $revision
 * @property ?Take        $take
 */
final class CardReading extends Model
{
    public const UPDATED_AT = null;


    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        $lists = array_fill_keys(['names', 'others', 'lumas', 'shifts', 'torn', 'unread', 'placed', 'marks', 'developed', 'exposures'], 'array');

        return [...$lists, 'status' => ReadingStatus::class, 'trouble' => Said::class, 'begun_at' => 'datetime', 'ended_at' => 'datetime'];
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
        return $this->belongsTo(Shot::class);
    }

    /**
     * @return BelongsTo<Take, $this>
     */
    public function take(): BelongsTo
    {
        return $this->belongsTo(Take::class);
    }

    /** Where the heads of photos lie that a browser sent. */
    public static function uploads(): string
    {
        return storage_path('app/uploads');
    }

    /** @param string $what of it: show, stop, match, more or picture */
    public function at(string $what, int ...$more): string
    {
        return route("photos.{$what}", [...$this->shot->address(), 'reading' => $this->id, ...$more]);
    }

    /** The copy that was checked last, or is being checked; a good one before any other. */
    public function lastCopy(): ?FolderWork
    {
        $checks = FolderWork::query()->where('card_reading_id', $this->id)->where('kind', 'check')->latest('id')->get();

        return ($checks->first(static fn (FolderWork $work): bool => !$work->isOver()) ?? $checks->first(static fn (FolderWork $work): bool => $work->isGood())
            ?? $checks->first())?->setRelation('reading', $this);
    }

    /** Whether the beginnings of photos lie there, and not the whole of them. */
    public function isOfHeads(): bool
    {
        return str_starts_with($this->folder, self::uploads() . '/');
    }

    public function isOver(): bool
    {
        return $this->status->isOver();
    }

    /** Seconds until it is read, as it goes; null while that cannot be said. */
    public function secondsLeft(): ?float
    {
        return $this->begun_at === null ? null : Pace::left($this->done, $this->files, $this->begun_at->diffInSeconds(now()));
    }

    /** What was told of all files so far, in their true order. */
    public function photos(): CardPhotos
    {
        return CardPhotos::fromLists($this->told, $this->shot->shoot->site()->zone ?? 'UTC');
    }
}
