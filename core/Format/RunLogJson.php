<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Message;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;

/**
 * Writes a run log in the open format evrent.run-log/1: for each photo what was planned, what happened, and whether it
 * can be used.
 */
final class RunLogJson
{
    public const FORMAT = 'evrent.run-log/1';

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES;

    /**
     * Piece by piece, one for each photo.
     *
     * @param callable(array<string, mixed>): array<string, mixed> $words puts messages into words
     *
     * @return iterable<string>
     */
    public static function pieces(RunLog $log, int $seed, callable $words): iterable
    {
        $total = $log->photosPlanned();
        $verdict = $log->verdict();
        yield '{"format":' . json_encode(self::FORMAT, self::FLAGS) . ",\n\"summary\":" . json_encode($words([
            'seed' => $seed,
            'photos_planned' => $total,
            'photos_taken' => count(array_filter($log->photos, static fn (PhotoTaken $photo): bool => $photo->exposed !== null)),
            'photos_usable' => $log->usablePhotos,
            'stopped_after_frame' => $log->stoppedAfter(),
            'late_frames' => $log->latePhotos,
            'latest_frame' => $log->latest->number,
            'latest_late_s' => $log->latest->lateSeconds,
            'planned_run_s' => $log->plannedRunSeconds(),
            'run_s' => $log->runSeconds,
            'verdict' => $verdict->says,
            'passes' => $verdict->passes,
            'why' => $verdict->why,
        ]), self::FLAGS) . ",\n\"frames\":[\n";
        for ($n = 0; $n < $total; $n++) {
            yield json_encode($words(self::frame($log, $n)), self::FLAGS) . ($n < $total - 1 ? ",\n" : "\n");
        }
        yield "]}\n";
    }

    /**
     * @return array<string, mixed>
     */
    private static function frame(RunLog $log, int $n): array
    {
        $taken = $log->photos[$n] ?? null;
        $place = $taken->place ?? min($n + 1, $log->schedule->photosTotal());
        $faults = $taken === null ? [new Message('run.photo.not_reached')] : $log->faultsOf($taken);

        return [
            'frame' => $n + 1,
            'planned_trigger_s' => $log->plannedTriggerSeconds($n + 1),
            'trigger_s' => $taken?->triggerSeconds,
            'late_s' => $taken?->lateSeconds,
            'open_s' => $taken?->exposed?->openSeconds,
            'close_s' => $taken?->exposed?->closeSeconds,
            'write_end_s' => $taken?->exposed?->writeEndSeconds,
            'planned_motor_position_steps' => array_map(static fn (array $column): int => $column[$place - 1], $log->schedule->moves->motorPositionSteps),
            'motor_position_steps' => $taken?->motorPositionSteps,
            'usable' => $faults === [],
            'faults' => $faults,
        ];
    }
}
