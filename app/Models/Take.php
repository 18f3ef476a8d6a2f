<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Said;
use App\Casts\SaidWithin;
use App\Status\ReadingStatus;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\ReadBack;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Running\WorldChange;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A shot that is shot on devices: one revision of its plan, carried out once.
 *
 * @property int                   $id
 * @property int                   $shot_id
 * @property int                   $plan_revision_id
 * @property ?string               $rig_key    what its address leads to
 * @property ?string               $camera_key
 * @property int                   $token      of who drives it
 * @property Text|string           $waits_for  why nobody drives it; empty when somebody does
 * @property array<string, mixed>  $setting
 * @property float                 $speed
 * @property list<array{item: string, at: string, by?: string}> $preflight
 * @property ?string               $reason
 * @property Status                $status
 * @property ?Ending               $ending
 * @property ?array<string, mixed> $now
 * @property ?Carbon               $beat_at
 * @property ?Carbon               $begun_at
 * @property ?array{string, float} $begun_mark when its log began, on a clock that nobody sets
 * @property ?Carbon               $ended_at
 * @property ?int                  $rating
 * @property string                $notes
 * @property Carbon                $created_at
 * @property Shot                  $shot
 * @property PlanRevision          $revision
 */
final class Take extends Model
{
    use ReachesDevices;

    public const UPDATED_AT = null;
    public const RATINGS = [
        0 => 'takes.rating.none', 5 => 'takes.rating.best', 4 => 'takes.rating.good', 3 => 'takes.rating.fair',
        2 => 'takes.rating.poor', 1 => 'takes.rating.bad',
    ];

    protected $guarded = [];
    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'setting' => 'array', 'rig_words' => 'array', 'preflight' => 'array', 'begun_mark' => 'array', 'now' => SaidWithin::class, 'speed' => 'float',
            'waits_for' => Said::class, 'status' => Status::class, 'ending' => Ending::class,
            'beat_at' => 'datetime', 'begun_at' => 'datetime', 'ended_at' => 'datetime',
        ];
    }

    /**
     * @return BelongsTo<Shot, $this>
     */
    public function shot(): BelongsTo
    {
        return $this->belongsTo(Shot::class)->withTrashed();
    }

    /**
     * @return BelongsTo<PlanRevision, $this>
     */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'plan_revision_id');
    }

    /**
     * @return HasMany<Shot, $this>
     */
    public function rests(): HasMany
    {
        return $this->hasMany(Shot::class, 'follows_take_id');
    }

    /**
     * @return HasMany<TakeLine, $this>
     */
    public function lines(): HasMany
    {
        return $this->hasMany(TakeLine::class)->orderBy('number');
    }

    /**
     * @return HasMany<TakeOrder, $this>
     */
    public function orders(): HasMany
    {
        return $this->hasMany(TakeOrder::class)->orderBy('id');
    }

    /**
     * @return HasOne<TakePicture, $this>
     */
    public function picture(): HasOne
    {
        return $this->hasOne(TakePicture::class);
    }

    /**
     * Takes that a worker drives, or is to drive.
     *
     * @return Builder<self>
     */
    public static function underWay(): Builder
    {
        return self::query()->where('status', '!=', Status::Ended)->where('status', '!=', Status::Interrupted);
    }

    /**
     * Those of some shots.
     *
     * @param Builder<Shot>|HasMany<Shot, Shoot> $shots
     *
     * @return Collection<int, self>
     */
    public static function underWayOf(Builder|HasMany $shots): Collection
    {
        return self::underWay()->whereIn('shot_id', $shots->pluck('id')->all())->with(['shot', 'revision'])->orderBy('id')->get();
    }

    /** What its log says. */
    public function report(Schedule $schedule): TakeReport
    {
        $matched = CardReading::query()->where('take_id', $this->id)->where('status', ReadingStatus::Done)->latest('id')->value('matched');
        /** @var array<string, mixed> $match */
        $match = json_decode(is_string($matched) ? $matched : '[]', true, Message::DEPTH, JSON_THROW_ON_ERROR);
        $lines = $this->lines()->cursor()->map(static fn (TakeLine $line) => $line->read());

        return TakeReport::of($schedule, $lines, $match === [] ? null : ReadBack::ofMatch($match));
    }

    /** Where its world was last set to another speed; null where it never was. */
    public function worldChange(): ?WorldChange
    {
        $notes = TakeLine::query()->where('take_id', $this->id)->where('kind', LogKind::Note->value)->where('more->world_speed', '!=', '');

        return WorldChange::last(array_map(static fn (TakeLine $line): LogLine => $line->read(), array_values($notes->orderBy('number')->get()->all())));
    }

    /** When the last line of its log was written, seconds on the log's clock. */
    public function lastSeconds(): float
    {
        $last = $this->lines()->max('seconds');

        return is_numeric($last) ? (float) $last : 0.0;
    }

    public function made(): Setting
    {
        return TakeLogLines::setting($this->setting);
    }

    /** How it ended, or where it stands. */
    public function inWords(): Message
    {
        return new Message('takes.state.' . ($this->ending->value ?? $this->status->value));
    }

    /** What the shooter thinks of it. */
    public function judged(): Message
    {
        return new Message(self::RATINGS[$this->rating ?? 0] ?? self::RATINGS[0]);
    }

    public function isOver(): bool
    {
        return $this->status === Status::Ended;
    }

    /** @return array<string, ?string> addresses of its shoot and its shot, by name; without one where it is in the bin */
    public function crumbs(): array
    {
        $shoot = Shoot::withTrashed()->find($this->shot->shoot_id);
        $isThere = $shoot !== null && !$shoot->trashed();
        $title = $this->revision->toPlan()->title;

        return [
            $shoot->name ?? '' => $isThere ? route('shoots.show', $shoot) : null,
            $title => $isThere && !$this->shot->trashed() ? $this->shot->at('shots.show') : null,
        ];
    }

    public function at(string $route): string
    {
        return route($route, [...$this->shot->address(), 'take' => $this->id]);
    }
}
