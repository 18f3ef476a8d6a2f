<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * The frame schedule: what every photo of a plan is, where the rig stands for it, when it is taken and what is left
 * of its interval. The one place where motion and timing meet. Kept as columns, one list for each quantity, which
 * holds long shots in a fraction of the memory that an object for each photo would take.
 */
final readonly class Schedule
{
    public Summary $summary;

    /**
     * @param list<float> $intervalSeconds start to start, by photo
     * @param list<float> $exposureSeconds by photo
     */
    private function __construct(
        public Plan $plan,
        public PhotoOrder $order,
        public Moves $moves,
        public array $intervalSeconds,
        public array $exposureSeconds,
        public Timeline $timeline,
    ) {
        $this->summary = Summary::of($this);
    }

    public static function of(Plan $plan): self
    {
        $order = PhotoOrder::of($plan);
        $moves = self::moves($plan, $order);
        $exposures = $plan->timing->exposure->column(count($order->phases));
        $intervals = self::intervals($plan, $exposures);
        $timeline = self::timeline($plan, $intervals, $exposures, $moves);
        if (!$plan->timing->mode->hasClock()) {
            // The next photo comes when all is ready: there is no interval but what is needed.
            $intervals = array_map(static fn (?float $required): float => $required ?? 0.0, $timeline->requiredSeconds);
        }

        return new self($plan, $order, $moves, $intervals, $exposures, $timeline);
    }

    /**
     * When the photos would be taken with another interval or exposure. Cheaper than a whole schedule: the moves, which
     * such a change leaves alone, are not computed again.
     *
     * @param Plan $changed the same plan but for interval and exposure
     *
     * @return array{list<float>, Timeline} the intervals start to start, and the timeline
     */
    public function retimed(Plan $changed): array
    {
        $exposures = $changed->timing->exposure->column($this->photosTotal());
        $intervals = self::intervals($changed, $exposures);

        return [$intervals, self::timeline($changed, $intervals, $exposures, $this->moves)];
    }

    /**
     * Whether no photo would be late with another interval or exposure.
     *
     * @param Plan $changed the same plan but for interval and exposure
     */
    public function wouldKeepTime(Plan $changed): bool
    {
        return $this->retimed($changed)[1]->keepsTime();
    }

    /**
     * The schedule of a plan that came of this one's by a change: what the change leaves alone is not worked out again.
     *
     * @param Plan $changed any plan; parts of it that are the very same are taken for unchanged
     */
    public function after(Plan $changed): self
    {
        $kept = fn (string ...$parts): bool => !in_array(false, array_map(
            fn (string $part): bool => get_object_vars($changed)[$part] === get_object_vars($this->plan)[$part],
            $parts,
        ), true);
        if (!$kept('rig', 'move', 'camera', 'trigger')) {
            return self::of($changed);
        }
        if ($kept('timing')) {
            return $this->under($changed);
        }
        $before = get_object_vars($this->plan->timing);
        $other = array_filter(
            get_object_vars($changed->timing),
            static fn (mixed $value, string $name): bool => $value !== $before[$name],
            ARRAY_FILTER_USE_BOTH,
        );
        if (array_keys($other) !== ['exposure'] || !$changed->timing->mode->hasClock()) {
            return self::of($changed);
        }
        [$intervals, $timeline] = $this->retimed($changed);

        return new self($changed, $this->order, $this->moves, $intervals, $changed->timing->exposure->column($this->photosTotal()), $timeline);
    }

    /**
     * The same schedule for a plan that differs in what the schedule does not hang on, such as power or storage.
     */
    public function under(Plan $plan): self
    {
        return new self($plan, $this->order, $this->moves, $this->intervalSeconds, $this->exposureSeconds, $this->timeline);
    }

    /**
     * All intervals of a plan added up; in stop motion, what the rig and the camera need.
     *
     * @param ?int $photos how long its timing takes for so many; null for as many as it has
     */
    public static function bookedSeconds(Plan $plan, ?int $photos = null): float
    {
        $photos ??= $plan->photosTotal();
        if (!$plan->timing->mode->hasClock()) {
            return self::of($plan)->summary->bookedSeconds;
        }

        return array_sum(self::intervals($plan, $plan->timing->exposure->column($photos)));
    }

    /**
     * @return ?list<float> where an axis stands for each photo, mm or degrees; null where the rig has none for that
     */
    public function positionsFor(AxisRole $role): ?array
    {
        $axis = $this->plan->rig->axisFor($role);

        return $axis === null ? null : $this->moves->positions[$axis->id];
    }

    public function photosTotal(): int
    {
        return count($this->order->phases);
    }

    /**
     * @param int $number 1 … photosTotal()
     */
    public function photo(int $number): Photo
    {
        return Photo::of($this, $number);
    }

    /**
     * @return list<int> the number of the photo that reaches each keyframe
     */
    public function pegPhotos(): array
    {
        $indices = Path::travelIndices($this->plan->move, $this->plan->timing->photos);
        $numbers = [];
        foreach ($this->order->phases as $n => $phase) {
            if ($phase === Phase::Move && in_array($this->order->travelIndices[$n], $indices, true)) {
                $numbers[] = $n + 1;
            }
        }

        return $numbers;
    }

    /**
     * Where the move gathers speed and where it slows down.
     *
     * @return list<array{string, float, float}> in or out, when it begins and how long it lasts, in seconds
     */
    public function ramps(): array
    {
        $photoAt = array_flip(array_filter($this->order->travelIndices, fn (int $n): bool => $this->order->phases[$n] === Phase::Move, ARRAY_FILTER_USE_KEY));
        $ramps = [];
        foreach ($this->plan->path->legs as $leg) {
            [$in, $out] = $leg->rampPhotos();
            foreach (['in' => [$leg->fromIndex, $leg->fromIndex + $in], 'out' => [$leg->toIndex - $out, $leg->toIndex]] as $kind => [$from, $to]) {
                if ($to > $from && isset($photoAt[$from], $photoAt[$to])) {
                    $begins = $this->timeline->triggerSeconds[$photoAt[$from]];
                    $ramps[] = [$kind, $begins, $this->timeline->triggerSeconds[$photoAt[$to]] - $begins];
                }
            }
        }

        return $ramps;
    }

    /**
     * The run cut where its parts meet.
     *
     * @return list<array{Phase, float, float}> the part, when it begins and how long it lasts, in seconds
     */
    public function bands(): array
    {
        $bands = [];
        $begins = 0;
        foreach ($this->order->phases as $n => $phase) {
            $next = $this->order->phases[$n + 1] ?? null;
            if ($phase === $next) {
                continue;
            }
            $from = $this->timeline->triggerSeconds[$begins];
            $until = $next === null ? $this->summary->runSeconds : $this->timeline->triggerSeconds[$n + 1];
            $bands[] = [$phase, $from, $until - $from];
            $begins = $n + 1;
        }

        return $bands;
    }

    /**
     * @param list<float> $intervals
     * @param list<float> $exposures
     */
    private static function timeline(Plan $plan, array $intervals, array $exposures, Moves $moves): Timeline
    {
        return Timeline::compute(
            $plan->timing->mode,
            $plan->rig,
            $plan->camera,
            $intervals,
            $exposures,
            $moves->moveSeconds,
            !$plan->trigger->isCamera(),
        );
    }

    private static function moves(Plan $plan, PhotoOrder $order): Moves
    {
        $positions = [];
        foreach ($plan->path->positionColumns() as $axisId => $travelling) {
            $column = [];
            foreach ($order->travelIndices as $index) {
                $column[] = $travelling[$index];
            }
            $positions[$axisId] = $column;
        }

        return Moves::along($plan->rig->axes, $positions);
    }

    /**
     * @param list<float> $exposures
     *
     * @return list<float> start to start
     */
    private static function intervals(Plan $plan, array $exposures): array
    {
        $intervals = $plan->timing->interval->column(count($exposures));
        if ($plan->timing->intervalMeans === IntervalMeaning::StartToStart) {
            return $intervals;
        }

        return array_map(static fn (float $exposure, float $gap): float => $exposure + $gap, $exposures, $intervals);
    }
}
