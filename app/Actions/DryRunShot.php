<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Run;
use App\Models\RunPhoto;
use App\Models\Shot;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Virtual\DryRun;
use Illuminate\Support\Facades\DB;

/**
 * Runs a shot's plan on the simulated rig and camera in virtual time, and keeps what happened to every photo.
 */
final class DryRunShot
{
    /** Rows for one insert: PostgreSQL takes 65,535 values at once. */
    private const ROWS_AT_ONCE = 2_000;

    /**
     * @param list<Fault> $faults to rehearse
     */
    public function __invoke(Shot $shot, int $seed, array $faults = []): Run
    {
        $revision = $shot->currentRevision();
        $log = DryRun::of(Schedule::of($revision->toPlan()), $seed, $faults);

        return DB::connection()->transaction(function () use ($shot, $revision, $log, $seed): Run {
            $run = Run::query()->create([
                'shot_id' => $shot->id,
                'plan_revision_id' => $revision->id,
                'kind' => 'dry',
                'seed' => $seed,
                'photos_total' => count($log->photos),
                'photos_planned' => $log->photosPlanned(),
                'photos_usable' => $log->usablePhotos,
                'late_photos' => $log->latePhotos,
                'latest_photo' => $log->latest->number,
                'latest_late_seconds' => $log->latest->lateSeconds,
                'planned_run_seconds' => $log->plannedRunSeconds(),
                'run_seconds' => $log->runSeconds,
            ]);
            foreach (array_chunk($this->rows($run, $log), self::ROWS_AT_ONCE) as $rows) {
                RunPhoto::query()->insert($rows);
            }

            return $run;
        });
    }

    /**
     * @return list<array<string, int|float|string|null>>
     */
    private function rows(Run $run, RunLog $log): array
    {
        $rows = [];
        foreach ($log->photos as $taken) {
            $planned = $log->schedule->photo($taken->place);
            $rows[] = [
                'run_id' => $run->id,
                'number' => $taken->number,
                'phase' => $planned->phase->value,
                'planned_trigger_seconds' => $log->plannedTriggerSeconds($taken->number),
                'trigger_seconds' => $taken->triggerSeconds,
                'open_seconds' => $taken->exposed?->openSeconds,
                'close_seconds' => $taken->exposed?->closeSeconds,
                'planned_write_end_seconds' => $log->plannedWriteEndSeconds($taken->number),
                'write_end_seconds' => $taken->exposed?->writeEndSeconds,
                'late_seconds' => $taken->lateSeconds,
                'faults' => Message::toStore(Joined::of($log->faultsOf($taken), Joined::COMMA)),
                'planned_motor_position_steps' => json_encode($planned->motorPositionSteps, JSON_THROW_ON_ERROR),
                'motor_position_steps' => json_encode($taken->motorPositionSteps, JSON_THROW_ON_ERROR),
            ];
        }

        return $rows;
    }
}
