<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\PhotoStream;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\RepeatedNumbers;

/**
 * The frame schedule as rows for a spreadsheet: one header row, one row for each photo, full precision, decimal
 * points, and nothing where a quantity does not exist. Column names are those of evrent.schedule/1, with the axis
 * after a colon. Made one row at a time, so that a file of any length takes no more memory than a short one.
 */
final class ScheduleCsv
{
    private const ROWS_A_PIECE = 200;

    /**
     * @return iterable<list<string>> cells
     */
    public static function rows(Plan $plan): iterable
    {
        foreach (self::lines($plan) as $line) {
            yield explode(',', $line);
        }
    }

    /**
     * The file, to be written piece by piece: many rows at a time, since each writing takes its time.
     *
     * @return iterable<string>
     */
    public static function pieces(Plan $plan): iterable
    {
        $piece = '';
        $rows = 0;
        foreach (self::lines($plan) as $line) {
            $piece .= "{$line}\n";
            if (++$rows % self::ROWS_A_PIECE === 0) {
                yield $piece;
                $piece = '';
            }
        }
        yield $piece;
    }

    /**
     * @return iterable<string> rows without their ends. Numbers, axis names and parts of the run: nothing in them ever needs a quote
     */
    private static function lines(Plan $plan): iterable
    {
        $stops = $plan->timing->mode->stops();
        yield implode(',', self::header($plan->rig->axisIds(), $stops, $plan->light !== null));
        $repeated = new RepeatedNumbers();
        foreach (PhotoStream::of($plan) as $photo) {
            yield self::line($photo, $stops, $plan->timing->mode->hasClock(), $repeated);
        }
    }

    /**
     * @param list<string> $axisIds
     *
     * @return list<string>
     */
    private static function header(array $axisIds, bool $stops, bool $withIso): array
    {
        $perAxis = static fn (string $name): array => array_map(static fn (string $id): string => "{$name}:{$id}", $axisIds);

        return [
            'frame', 'phase', 'trigger_s', 'open_s', 'exposure_s', 'close_s', 'interval_s', 'late_s', 'write_end_s',
            ...$perAxis('positions'), ...$perAxis('motor_position_steps'), ...$perAxis('motor_steps'),
            ...($stops ? ['move_s'] : $perAxis('travel_while_open')),
            'required_s', 'slack_s',
            ...($withIso ? ['iso'] : []),
        ];
    }

    private static function line(Photo $photo, bool $stops, bool $hasClock, RepeatedNumbers $repeated): string
    {
        $measured = $hasClock
            ? [
                $photo->triggerSeconds, $photo->openSeconds, $photo->exposureSeconds, $photo->closeSeconds,
                $photo->intervalSeconds, $photo->lateSeconds, $photo->writeEndSeconds, ...array_values($photo->positions),
            ]
            : [null, null, $photo->exposureSeconds, null, null, null, null, ...array_values($photo->positions)];
        $after = $stops ? $repeated->text($photo->moveSeconds) : PlainText::numbers(array_values($photo->travelWhileOpen));
        $needed = $hasClock ? $repeated->text($photo->requiredSeconds) . ',' . $repeated->text($photo->slackSeconds) : ',';

        return "{$photo->number},{$photo->phase->value}," . PlainText::numbers($measured)
            . ',' . implode(',', $photo->motorPositionSteps) . ',' . implode(',', $photo->motorSteps)
            . ",{$after},{$needed}" . ($photo->iso === null ? '' : ",{$repeated->text($photo->iso)}");
    }
}
