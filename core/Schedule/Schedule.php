<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * The frame schedule: what every photo of a plan is, where the rig stands for it, when it is triggered and what is left of its interval.
 * The one place where motion and timing meet.
 *
 * ## The method
 *
 * A shot is N photos, numbered from 1. Each is a stop of the same walk; a schedule is what that walk leaves behind.
 *
 * 1. **Order** (`PhotoOrder`). The photos stand in a row: those before the move (head), those on the way, those that stand at a keyframe on
 *    the way (hold), those after it (tail). Each has a travelling index, 0 … n - 1 among the n photos on the way; standing photos have the
 *    index they stand at.
 * 2. **Place** (`Path`, `Leg`, `Easing`, `MonotoneCubic`). The keyframes cut the way into legs between standstills. Within a leg the share of
 *    photos u becomes the share of the way covered w = ease(u), and each axis's position is its curve at w: through every keyframe, never
 *    beyond one. So the ease is spread over the photo count, not over time.
 * 3. **Motor** (`Axis`, `Motor`, `Moves`). Positions become whole motor steps, each rounded from the absolute position so that errors never add
 *    up. The move after a photo takes each axis the shortest time of a trapezoidal speed profile, play included where it turns round; the
 *    slowest axis tells how long the rig moves.
 * 4. **Time** (`Clockwork`, `Timeline`). From a trigger two chains run side by side. Rig: lag, exposure, delay, move, settling. Camera: lag,
 *    exposure (twice with noise reduction), setting (`CameraSets`), a free place in the buffer. The next trigger comes at the end of the interval
 *    or of the longer chain, whichever is later. What a photo needs is the longer chain; its slack is the interval less that.
 * 5. **Verdict** (`Summary`; then `Checks`). A shot fits when no slack is below zero (to a nanosecond). Everything else that may be wrong
 *    with it is found by checks, which look at this schedule and at facts that hang on it (`Shot`).
 *
 * Moving continuously, step 3 asks only how fast an axis has to go, and `Creep` how far it goes while the shutter is open. In stop motion
 * there is no interval: the next photo comes when both chains are done. A camera on its own timer is not waited for.
 *
 * The same walk one photo at a time, in memory that does not grow, is `PhotoStream`; on simulated devices it is the dry run. All three use
 * the same `Clockwork` and `Motor`, so they cannot disagree.
 *
 * Kept as columns, one list for each quantity, which holds long shots in a fraction of the memory that an object for each photo takes.
 * Times are seconds from the first trigger; positions mm or degrees.
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
        $timeline = self::timeline($plan, self::withPauses($plan, $intervals), $exposures, $moves);
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

        return [$intervals, self::timeline($changed, self::withPauses($changed, $intervals), $exposures, $this->moves)];
    }

    /**
     * Whether no photo would be late with another interval or exposure, not even with devices on their slowest day.
     *
     * @param Plan $changed the same plan but for interval and exposure
     */
    public function wouldKeepTime(Plan $changed): bool
    {
        [$intervals, $timeline] = $this->retimed($changed);

        return $timeline->keepsTime() && $this->slowest($changed, $intervals)->keepsTime();
    }

    /** Whether the slack of every photo is more than what devices vary by: else it passes by luck. True where nothing waits for a clock. */
    public function hasRoom(): bool
    {
        return !$this->plan->timing->mode->hasClock() || $this->slowest($this->plan, $this->intervalSeconds)->keepsTime();
    }

    /** How late the last photo is at most where devices are at their slowest throughout: what each photo is late by adds up, where nothing catches up. */
    public function latestSeconds(): float
    {
        $late = $this->plan->timing->mode->hasClock() ? $this->slowest($this->plan, $this->intervalSeconds)->lateSeconds : [];

        return $late === [] ? 0.0 : $late[count($late) - 1];
    }

    /**
     * @param list<float> $intervals start to start
     */
    private function slowest(Plan $plan, array $intervals): Timeline
    {
        $exposures = $plan->timing->exposure->column($this->photosTotal());

        return Timeline::compute(
            $plan->timing->mode,
            $plan->rig,
            EverydayNoise::slowest($plan->camera),
            self::withPauses($plan, $intervals),
            $exposures,
            EverydayNoise::slowestMoves($this->moves->moveSeconds),
            !$plan->trigger->isCamera(),
            CameraSets::column($plan, $exposures),
        );
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
        $isRetimed = $changed->camera->setSeconds > 0.0 && !$kept('light') || $changed->window !== null && !$kept('site', 'start');
        if (!$kept('rig', 'move', 'camera', 'trigger', 'window') || $isRetimed) {
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
     * Seconds from one photo to when the next is asked for: its interval, and the pause where its window of the day closes between them.
     *
     * @param int $n photo, from 0
     */
    public function untilNextSeconds(int $n): float
    {
        return $this->plan->window === null || $n >= $this->photosTotal() - 1
            ? $this->intervalSeconds[$n]
            : $this->timeline->askedTriggerSeconds($n + 1) - $this->timeline->askedTriggerSeconds($n);
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
     * @return list<int> the number of each photo at which a move that goes back and forth turns round
     */
    public function turnPhotos(): array
    {
        $photoAt = array_flip(array_filter($this->order->travelIndices, fn (int $n): bool => $this->order->phases[$n] === Phase::Move, ARRAY_FILTER_USE_KEY));

        return array_map(static fn (array $way): int => $photoAt[$way[0]] + 1, array_slice($this->plan->path->ways(), 1));
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
            foreach ($this->plan->path->ways() as [$begins, $isBack]) {
                $from = $begins + ($isBack ? $this->plan->oneWayPhotos() - 1 - $leg->toIndex : $leg->fromIndex);
                $to = $from + $leg->toIndex - $leg->fromIndex;
                $ramps[] = ['in', $from, $from + ($isBack ? $out : $in)];
                $ramps[] = ['out', $to - ($isBack ? $in : $out), $to];
            }
        }
        $timed = [];
        foreach ($ramps as [$kind, $from, $to]) {
            if ($to > $from && isset($photoAt[$from], $photoAt[$to])) {
                $begins = $this->timeline->triggerSeconds[$photoAt[$from]];
                $timed[] = [$kind, $begins, $this->timeline->triggerSeconds[$photoAt[$to]] - $begins];
            }
        }

        return $timed;
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
            CameraSets::column($plan, $exposures),
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

        return Moves::along($plan->rig->axes, $positions, $plan->photosTotal());
    }

    /**
     * @param list<float> $intervals start to start, while the window of the day is open
     *
     * @return list<float> with the hours in which it is closed
     */
    private static function withPauses(Plan $plan, array $intervals): array
    {
        $openings = $plan->openings();
        // Asked for only then: when the sun sets takes its time to work out.
        $first = $openings === null ? null : $plan->firstTrigger()?->unixSeconds;
        if ($openings === null || $first === null) {
            return $intervals;
        }
        $nominal = 0.0;
        foreach ($intervals as $n => $interval) {
            $intervals[$n] = $openings->interval($first + $nominal, $interval);
            $nominal += $intervals[$n];
        }

        return $intervals;
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
