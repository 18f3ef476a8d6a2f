<?php

declare(strict_types=1);

use App\Models\PlanRevision;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

// Lateness was counted from a schedule that stretches its intervals; it is counted from what was asked for.
return new class () extends Migration {
    private const NOTICEABLE_SECONDS = 0.02;

    public function up(): void
    {
        $this->count(static fn (Timeline $timeline, int $n): float => $timeline->askedTriggerSeconds($n));
    }

    public function down(): void
    {
        $this->count(static fn (Timeline $timeline, int $n): float => $timeline->triggerSeconds[$n]);
    }

    /**
     * @param callable(Timeline, int): float $planned when a photo, from 0, was to be triggered
     */
    private function count(callable $planned): void
    {
        foreach (DB::table('runs')->orderBy('id')->get(['id', 'plan_revision_id']) as $run) {
            try {
                $schedule = Schedule::of(PlanRevision::query()->whereKey($run->plan_revision_id)->firstOrFail()->toPlan());
            } catch (InvalidInput) {
                // A plan that cannot be read any more keeps its runs as they are.
                continue;
            }
            $timer = CameraTimer::of($schedule);
            $timeline = $timer->timeline ?? $schedule->timeline;
            $starts = $timer->startsSeconds ?? 0.0;
            $times = [];
            foreach (array_keys($timeline->triggerSeconds) as $n) {
                $times[] = sprintf('(%d, %.17g::double precision)', $n + 1, $starts + $planned($timeline, $n));
            }
            if (!$schedule->plan->timing->mode->hasClock()) {
                continue;
            }
            foreach (array_chunk($times, 5_000) as $some) {
                DB::statement('update run_photos p set planned_trigger_seconds = t.at, late_seconds = p.trigger_seconds - t.at,
                    planned_write_end_seconds = p.planned_write_end_seconds + t.at - p.planned_trigger_seconds
                    from (values ' . implode(', ', $some) . ') t (number, at) where p.number = t.number and p.run_id = ?', [$run->id]);
            }
            DB::statement('update runs r set latest_photo = l.number, latest_late_seconds = l.late_seconds,
                late_photos = (select count(*) from run_photos p where p.run_id = r.id and p.late_seconds > ?)
                from (select number, late_seconds from run_photos where run_id = ? order by late_seconds desc, number limit 1) l where r.id = ?', [
                self::NOTICEABLE_SECONDS, $run->id, $run->id,
            ]);
        }
    }
};
