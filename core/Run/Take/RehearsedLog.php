<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\Schedule;

/**
 * A run in virtual time, told in the lines of a take's log: whoever reads one reads the other.
 */
final class RehearsedLog
{
    /**
     * @param iterable<PhotoTaken> $photos in their order; times from the first planned trigger
     *
     * @return list<LogLine> in the order in which it happened
     */
    public static function lines(Schedule $schedule, iterable $photos): array
    {
        $lines = [[-INF, new LogLine(LogKind::Homed, 0.0)]];
        $last = 0.0;
        $count = $missed = 0;
        $wrong = [];
        foreach ($photos as $photo) {
            $at = $photo->triggerSeconds;
            if ($count === 0) {
                $lines[] = [-INF, new LogLine(LogKind::Started, 0.0, null, ['due' => 0.0])];
            }
            $count++;
            $missed += $photo->exposed === null ? 1 : 0;
            $before = $wrong;
            $wrong = self::places($schedule, $photo);
            foreach (array_keys(array_diff_key($before, $wrong)) as $about) {
                $lines[] = [$at, new LogLine(LogKind::AlarmOver, max(0.0, $at), $photo->number, ['about' => $about])];
            }
            array_push($lines, ...self::photo($schedule, $photo));
            foreach ($wrong as $about => $says) {
                $lines[] = [$at, new LogLine(LogKind::Alarm, max(0.0, $at), $photo->number, ['about' => $about, 'says' => $says])];
            }
            $last = max($last, $photo->exposed->writeEndSeconds ?? $at);
        }
        usort($lines, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $whole = $count >= $schedule->plan->photosProgrammed();
        $lines[] = [INF, new LogLine(LogKind::Ended, $last, null, [
            'how' => ($whole ? ($missed === 0 ? Ending::Complete : Ending::Incomplete) : Ending::Failed)->value,
            ...($whole ? [] : ['why' => new Message('takes.alarm.stopped_after', ['photo' => $count])]),
        ])];

        return array_column($lines, 1);
    }

    /**
     * @return list<array{float, LogLine}> when, and what
     */
    private static function photo(Schedule $schedule, PhotoTaken $photo): array
    {
        [$n, $at, $exposed] = [$photo->number, $photo->triggerSeconds, $photo->exposed];
        $steps = $photo->motorPositionSteps;
        $positions = [];
        foreach ($schedule->plan->rig->axes as $axis) {
            $positions[$axis->id] = $steps[$axis->id] / $axis->stepsPerUnit;
        }
        $due = $at - $photo->lateSeconds;
        $closed = $exposed->closeSeconds ?? $at;
        $lines = [
            [$at, new LogLine(LogKind::Arrived, max(0.0, $at), $n, ['at' => $positions, 'steps' => $steps])],
            [$at, new LogLine(LogKind::Intent, max(0.0, $at), $n, ['due_s' => $due])],
            [$at, new LogLine(LogKind::Outcome, max(0.0, $at), $n, [
                'state' => 'triggered', 'due_s' => $due, 'triggered_s' => $at, 'closed_s' => $closed, 'late_s' => $photo->lateSeconds,
            ])],
        ];
        $lines[] = $exposed === null
            ? [$at, new LogLine(LogKind::NotTaken, max(0.0, $at), $n, ['why' => new Message('takes.alarm.no_photo')])]
            : [$exposed->writeEndSeconds, new LogLine(LogKind::Confirmed, $exposed->writeEndSeconds, $n, ['object' => sprintf('rehearsed/%05d', $n)])];

        return $lines;
    }

    /**
     * @return array<string, Message> what is wrong with where it was taken, by what it is about
     */
    private static function places(Schedule $schedule, PhotoTaken $photo): array
    {
        $wrong = [];
        foreach ($schedule->plan->rig->axes as $axis) {
            $off = $photo->motorPositionSteps[$axis->id] - $schedule->moves->motorPositionSteps[$axis->id][$photo->place - 1];
            if (abs($off) > RunLog::STEPS_IN_PLACE) {
                $wrong["axis {$axis->id}"] = new Message('takes.alarm.out_of_place', [
                    'axis' => $axis->label(), 'off' => Quantity::signed($off / $axis->stepsPerUnit, 3),
                ]);
            }
        }
        if ($photo->whileMoving) {
            $wrong['moving'] = new Message('takes.alarm.moving', ['photo' => $photo->number]);
        }

        return $wrong;
    }
}
