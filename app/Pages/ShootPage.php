<?php

declare(strict_types=1);

namespace App\Pages;

use App\Jobs\WorkOutFigures;
use App\Models\DayEvent;
use App\Models\KitItem;
use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use App\Models\Shoot;
use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\Clash;
use Evrent\Core\Day\ClashMending;
use Evrent\Core\Day\DayLine;
use Evrent\Core\Day\DayPlan;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\OwnEvents;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Day\Stay;
use Evrent\Core\Drawings\DayDrawing;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Collection;

/**
 * A shoot with its day: shots in the order in which they run, and the line that they lie on.
 */
final readonly class ShootPage
{
    /** Figures that are worked out while the page waits; with more, the page comes first and they follow. */
    private const WORKED_OUT_AT_ONCE = 2;

    private const SHOOTS_TO_CHOOSE = 100;

    /** @var Collection<int, ShotInShoot> by shot, in the order in which they were made */
    public Collection $shots;
    public DayPlan $day;
    public ?DayLine $line;
    public ?DayDrawing $drawing;
    public OwnEvents $events;

    public function __construct(public Shoot $shoot)
    {
        $this->shots = self::shots($shoot);
        $this->day = DayPlan::of(array_values($this->shots->filter(static fn (ShotInShoot $one): bool => $one->figures !== null)->map(
            static fn (ShotInShoot $one): Stay => Stay::of(
                $one->shot->id,
                $one->figures ?? throw new \LogicException('Filtered above.'),
                $one->shot->setup_minutes,
                $one->shot->teardown_minutes,
            ),
        )->all()));
        $site = $shoot->site();
        $this->events = OwnEvents::read($shoot->dayEvents->mapWithKeys(
            static fn (DayEvent $event): array => [$event->id => ['at' => $event->at, 'label' => $event->label]],
        )->all());
        $this->line = $site === null ? null : DayLine::of($site, $this->day->runsInto($site->day->ends) || $this->events->runOn());
        $this->drawing = $this->line === null ? null : new DayDrawing($this->line);
    }

    /**
     * @return list<ShotInShoot> in the order of the day, those without a start last, and after them those without figures
     */
    public function inOrder(): array
    {
        $ordered = array_map(
            fn (Stay $stay): ShotInShoot => $this->shots[$stay->id] ?? throw new \LogicException('A stay without its shot.'),
            [...$this->day->stays, ...$this->day->untimed],
        );

        return [...$ordered, ...array_values($this->shots->filter(static fn (ShotInShoot $one): bool => $one->figures === null)->all())];
    }

    /**
     * @return list<ShotFigures> in the order of the day
     */
    public function figures(): array
    {
        return array_values(array_filter(array_map(static fn (ShotInShoot $one): ?ShotFigures => $one->figures, $this->inOrder())));
    }

    public function stay(ShotInShoot $one): ?Stay
    {
        foreach ($this->day->stays as $stay) {
            if ($stay->id === $one->shot->id) {
                return $stay;
            }
        }

        return null;
    }

    /**
     * @return array<int, string> names of the other shoots by id, where a shot may go
     */
    public function otherShoots(): array
    {
        /** @var array<int, string> */
        return once(fn (): array => Shoot::query()->whereKeyNot($this->shoot->id)->orderByDesc('id')->limit(self::SHOOTS_TO_CHOOSE)
            ->pluck('name', 'id')->all());
    }

    /** Whether figures are still being worked out: then the page asks again. */
    public function isAwaited(): bool
    {
        return $this->shots->contains(static fn (ShotInShoot $one): bool => $one->isAwaited);
    }

    /**
     * What ends a clash, with the kit there is, as buttons.
     *
     * @return list<array{label: string, action: string, method: string, fields: array<string, int|float|string>}>
     */
    public function mending(Clash $clash): array
    {
        $items = KitItem::query()->orderBy('id')->get();
        $pieces = array_values($items->map(static fn (KitItem $item): Piece => $item->piece())->all());
        $buttons = [];
        foreach (ClashMending::of($clash, $pieces) as $mending) {
            $shot = $this->shots[$mending->shot]->shot ?? throw new \LogicException('A clash of a shot that is not here.');
            $seen = ['revision' => (int) $shot->current_revision_id];
            $buttons[] = $mending->to !== null && $this->line !== null
                ? ['label' => Words::say($mending->label), 'action' => $shot->at('shots.stay'), 'method' => 'put', 'fields' => [
                    'to_s' => $this->line->secondsOf($mending->to), ...$seen,
                ]]
                : ['label' => Words::say($mending->label), 'action' => $shot->at('shots.kit'), 'method' => 'post', 'fields' => [
                    'item' => (int) $items->firstWhere('name', $mending->piece)?->id, 'count' => '1', ...$seen,
                ]];
        }

        return $buttons;
    }

    /**
     * @return list<Hazard>
     */
    public function cautions(): array
    {
        return Cautions::of($this->figures(), $this->shoot->toldHazards(), $this->shoot->site(), $this->day->stays);
    }

    /**
     * @return Collection<int, ShotInShoot>
     */
    private static function shots(Shoot $shoot): Collection
    {
        $found = $missing = [];
        // The plans themselves, which may be large, are left where they are.
        $revisions = static function (Relation $query): void {
            $query->select(['id', 'shot_id', 'parent_id', 'reason', 'created_at']);
        };
        foreach ($shoot->shots()->with(['revision' => $revisions, 'revision.figures'])->get() as $shot) {
            $kept = $shot->currentRevision()->figures;
            $isKept = $kept?->version === ShotFigures::VERSION;
            $found[$shot->id] = new ShotInShoot($shot, $isKept ? $kept->read() : null, !$isKept);
            if (!$isKept) {
                $missing[] = $shot;
            }
        }
        foreach (array_slice($missing, 0, self::WORKED_OUT_AT_ONCE) as $shot) {
            $found[$shot->id] = new ShotInShoot($shot, RevisionFigures::of(PlanRevision::query()->findOrFail($shot->current_revision_id)));
        }
        foreach (array_slice($missing, self::WORKED_OUT_AT_ONCE) as $shot) {
            WorkOutFigures::dispatch((int) $shot->current_revision_id);
        }

        return new Collection($found);
    }
}
