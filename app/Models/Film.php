<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use App\Status\FilmStatus;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Photos\Pace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A clip that is made, or was: the film of a list.
 *
 * @property int         $id
 * @property int         $shot_id
 * @property int         $card_reading_id whose photos it shows
 * @property string      $list            evrent.clip/1
 * @property FilmStatus  $status
 * @property \Evrent\Core\Messages\Text|string      $trouble
 * @property int         $frames
 * @property int         $done
 * @property int         $begun           how often
 * @property int         $width           pixels
 * @property int         $height
 * @property string      $file            its name in the folder of films
 * @property int         $bytes
 * @property string      $sha256
 * @property Carbon      $created_at
 * @property ?Carbon     $begun_at
 * @property ?Carbon     $ended_at
 * @property Shot        $shot
 * @property CardReading $reading
 */
final class Film extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return ['status' => FilmStatus::class, 'trouble' => Said::class, 'begun_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /**
     * @return BelongsTo<Shot, $this>
     */
    public function shot(): BelongsTo
    {
        return $this->belongsTo(Shot::class);
    }

    /**
     * @return BelongsTo<CardReading, $this>
     */
    public function reading(): BelongsTo
    {
        return $this->belongsTo(CardReading::class, 'card_reading_id');
    }

    /** Where finished films lie. */
    public static function folder(): string
    {
        return storage_path('app/films');
    }

    public function path(): string
    {
        return self::folder() . "/{$this->file}";
    }

    /**
     * The film that this one follows on, where its shot is the rest of another: the latest there is of the same size, rate and codec.
     *
     * @return ?self null where there is none
     */
    public function before(): ?self
    {
        $first = $this->status === FilmStatus::Done ? $this->shot->follows?->shot : null;
        $alike = ['status' => FilmStatus::Done, 'width' => $this->width, 'height' => $this->height];
        $films = $first?->films()->with('shot.follows.shot')->where($alike)->latest('id')->get() ?? [];
        foreach ($films as $film) {
            if ($film->clip()->rate === $this->clip()->rate && $film->clip()->codec === $this->clip()->codec && is_file($film->path())) {
                return $film;
            }
        }

        return null;
    }

    public function clip(): Clip
    {
        return ClipJson::read($this->list);
    }

    /** @param string $what of it: show, stop, file, list or destroy */
    public function at(string $what): string
    {
        return route("films.{$what}", [...$this->shot->address(), 'film' => $this->id]);
    }

    public function isOver(): bool
    {
        return $this->status->isOver();
    }

    /** Seconds until it is there, as it goes; null while that cannot be said. */
    public function secondsLeft(): ?float
    {
        return $this->begun_at === null ? null : Pace::left($this->done, $this->frames, $this->begun_at->diffInSeconds(now()));
    }
}
