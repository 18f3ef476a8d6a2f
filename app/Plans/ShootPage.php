<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\DayDrawing;
use Evrent\Core\Day\DayLine;
use Evrent\Core\Day\DayPlan;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\OwnEvents;
use Evrent\Core\Day\Stay;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Support\Collection;

/**
 * A shoot with its day: shots in the order in which they run, and the line that they lie on.
 */
final readonly class ShootPage
{
    /** @var Collection<int, ShotPage> by shot, in the order in which they were made */
    public Collection $pages;
    public DayPlan $day;
    public ?DayLine $line;
    public ?DayDrawing $drawing;
    public OwnEvents $events;

    public function __construct(public Shoot $shoot)
    {
        $this->pages = $shoot->shots()->with('revision')->get()
            ->map(static fn (Shot $shot): ShotPage => new ShotPage($shot))
            ->keyBy(static fn (ShotPage $page): int => $page->shot->id);
        $this->day = DayPlan::of(array_values($this->pages->map(
            static fn (ShotPage $page): Stay => Stay::of($page->shot->id, $page->schedule, $page->shot->setup_minutes, $page->shot->teardown_minutes),
        )->all()));
        $site = $shoot->site();
        $this->events = OwnEvents::read($shoot->day_events);
        $this->line = $site === null ? null : DayLine::of($site, $this->day->runsInto($site->day->ends) || $this->events->runOn());
        $this->drawing = $this->line === null ? null : new DayDrawing($this->line);
    }

    /**
     * @return list<ShotPage> in the order of the day, those without a start last
     */
    public function inOrder(): array
    {
        return array_map(
            fn (Stay $stay): ShotPage => $this->pages[$stay->id] ?? throw new \LogicException('A stay without its shot.'),
            [...$this->day->stays, ...$this->day->untimed],
        );
    }

    public function stay(ShotPage $page): ?Stay
    {
        foreach ($this->day->stays as $stay) {
            if ($stay->id === $page->shot->id) {
                return $stay;
            }
        }

        return null;
    }

    /**
     * @return list<Hazard>
     */
    public function cautions(): array
    {
        $schedules = array_values($this->pages->map(static fn (ShotPage $page): Schedule => $page->schedule)->all());

        return Cautions::of($schedules, $this->shoot->toldHazards(), $this->day->stays);
    }
}
