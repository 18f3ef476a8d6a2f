<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Run;
use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Take;
use App\Models\Trial;
use Evrent\Core\Day\Countdown;
use Evrent\Core\Day\Month;
use Evrent\Core\Drawings\SmallTide;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\Status;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Items;

/**
 * What the first page says: what comes next, what was run last, and the shoots there are, as they were searched, filtered and sorted.
 */
final readonly class FirstPage
{
    public const SORTS = ['date' => 'app.first.by_day', 'name' => 'app.first.by_name', 'new' => 'app.first.newest'];
    public const WHENS = ['all' => 'app.first.all', 'ahead' => 'app.first.ahead', 'over' => 'app.first.over'];

    private const RUNS_SHOWN = 4;
    private const FOUND_SHOWN = 12;

    public ?ShootPage $next;

    /** @var Collection<int, Shoot> */
    public Collection $shoots;

    /** @var Items<int, array{kind: string, name: string, href: string}> what else was found */
    public Items $found;

    public string $sort;
    public string $when;

    public function __construct(public string $query, string $sort, string $when, public string $tag, private string $today)
    {
        $this->sort = isset(self::SORTS[$sort]) ? $sort : 'date';
        $this->when = isset(self::WHENS[$when]) ? $when : 'all';
        $next = Shoot::query()->where('shoot_date', '>=', $today)->orderBy('shoot_date')->orderBy('id')->first();
        $this->next = $next === null ? null : new ShootPage($next);
        $this->shoots = $this->shoots();
        $this->found = $query === '' ? new Items() : $this->found();
    }

    /**
     * @return Collection<int, Take> under way, or brought back by a backup and not gone on with
     */
    public function takes(): Collection
    {
        return Take::query()->where('status', '!=', Status::Ended)->with(['shot', 'revision'])->orderBy('id')->get();
    }

    public function countdown(Shoot $shoot): Message|string
    {
        return $shoot->shoot_date === null ? Words::of('app.first.no_day') : Countdown::told($shoot->shoot_date->format('Y-m-d'), $this->today);
    }

    public function tide(Shoot $shoot): ?SmallTide
    {
        $site = $shoot->site();

        return $site === null ? null : SmallTide::of($site);
    }

    /** Whether there is anything at all: where there is not, the page says what this is. */
    public function isEmpty(): bool
    {
        return $this->query === '' && $this->tag === '' && $this->when === 'all' && $this->shoots->isEmpty();
    }

    /** The month of the next shoot, or this one. */
    public function month(Settings $settings): Month
    {
        return new Month($this->next?->shoot->shoot_date?->format('Y-m-d') ?? $this->today, (int) $settings->get('week'));
    }

    /**
     * @return array<string, Shoot> the first of each day of the month by its date
     */
    public function byDay(): array
    {
        $byDay = [];
        foreach ($this->shoots as $shoot) {
            $byDay[$shoot->shoot_date?->format('Y-m-d') ?? ''] ??= $shoot;
        }

        return $byDay;
    }

    /**
     * @return list<string> all tags there are, in order
     */
    public function tags(): array
    {
        $tags = Shoot::query()->pluck('tags')->flatten()->unique()->sort()->values()->all();

        return array_values(array_filter($tags, is_string(...)));
    }

    /**
     * @return Collection<int, Run> of shots that are there, the newest first
     */
    public function lastRuns(): Collection
    {
        return Run::query()->whereHas('shot.shoot')->with('shot.revision')->orderByDesc('id')->limit(self::RUNS_SHOWN)->get();
    }

    /**
     * @return Collection<int, Shoot>
     */
    private function shoots(): Collection
    {
        $like = '%' . addcslashes($this->query, '%_\\') . '%';
        $query = Shoot::query()->withCount('shots');
        if ($this->query !== '') {
            $query->where(static fn (Builder $either) => $either->where('name', 'ilike', $like)->orWhere('place', 'ilike', $like)
                ->orWhereRaw('tags::text ilike ?', [$like]));
        }
        if ($this->tag !== '') {
            $query->whereJsonContains('tags', $this->tag);
        }
        match ($this->when) {
            'ahead' => $query->where('shoot_date', '>=', $this->today),
            'over' => $query->where('shoot_date', '<', $this->today),
            default => $query,
        };
        match ($this->sort) {
            'name' => $query->orderBy('name'),
            'new' => $query->orderByDesc('id'),
            default => $query->orderBy('shoot_date'),
        };

        return $query->orderBy('id')->get();
    }

    /**
     * @return Items<int, array{kind: string, name: string, href: string}>
     */
    private function found(): Items
    {
        $like = '%' . addcslashes($this->query, '%_\\') . '%';
        $says = static fn (Builder $revision) => $revision->whereRaw("plan->>'title' ilike ?", [$like])
            ->orWhereRaw("(plan->'kit')::text ilike ?", [$like]);
        $shots = Shot::query()->whereHas('shoot')->whereHas('revision', $says)->with('revision')->limit(self::FOUND_SHOWN)->get();
        $kit = KitItem::query()->where(static fn (Builder $either) => $either->where('name', 'ilike', $like)
            ->orWhereRaw("content->>'note' ilike ?", [$like]))->limit(self::FOUND_SHOWN)->get();
        $presets = Preset::query()->where('name', 'ilike', $like)->orWhere('note', 'ilike', $like)->limit(self::FOUND_SHOWN)->get();
        $trials = Trial::query()->whereHas('shoot')->where(static fn (Builder $either) => $either->where('subject', 'ilike', $like)
            ->orWhereRaw('content::text ilike ?', [$like]))->limit(self::FOUND_SHOWN)->get();

        $found = [];
        foreach ($shots as $shot) {
            $found[] = ['kind' => 'shot', 'name' => $shot->title(), 'href' => $shot->at('shots.show')];
        }
        foreach ($kit as $item) {
            $found[] = ['kind' => 'kit', 'name' => $item->name, 'href' => route('kit.index') . "#item-{$item->id}"];
        }
        foreach ($presets as $preset) {
            $found[] = ['kind' => 'preset', 'name' => $preset->name, 'href' => route('presets.index') . "#preset-{$preset->id}"];
        }
        foreach ($trials as $trial) {
            $found[] = [
                'kind' => Words::of('app.first.grid'),
                'name' => $trial->subject,
                'href' => route('trials.index', $trial->shoot_id) . "#trial-{$trial->id}",
            ];
        }

        return new Items($found);
    }
}
