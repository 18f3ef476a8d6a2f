<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\PhotoStream;
use Evrent\Core\Words\PlainText;

/**
 * The frame schedule as rows for a spreadsheet: one header row, one row for each photo, full precision, decimal
 * points, and nothing where a quantity does not exist. Column names are those of evrent.schedule/1, with the axis
 * after a colon. Made one row at a time, so that a file of any length takes no more memory than a short one.
 */
final class ScheduleCsv
{
    /**
     * @return iterable<list<string>>
     */
    public static function rows(Plan $plan): iterable
    {
        $stops = $plan->timing->mode->stops();
        yield self::header($plan->rig->axisIds(), $stops, $plan->light !== null);
        foreach (PhotoStream::of($plan) as $photo) {
            yield self::row($photo, $stops, $plan->timing->mode->hasClock());
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

    /**
     * @return list<string>
     */
    private static function row(Photo $photo, bool $stops, bool $hasClock): array
    {
        $numbers = [
            ...($hasClock
                ? [
                    $photo->triggerSeconds, $photo->openSeconds, $photo->exposureSeconds, $photo->closeSeconds,
                    $photo->intervalSeconds, $photo->lateSeconds, $photo->writeEndSeconds,
                ]
                : [null, null, $photo->exposureSeconds, null, null, null, null]),
            ...array_values($photo->positions), ...array_values($photo->motorPositionSteps), ...array_values($photo->motorSteps),
            ...($stops ? [$photo->moveSeconds] : array_values($photo->travelWhileOpen)),
            ...($hasClock ? [$photo->requiredSeconds, $photo->slackSeconds] : [null, null]),
            ...($photo->iso === null ? [] : [$photo->iso]),
        ];

        return [
            (string) $photo->number,
            $photo->phase->value,
            ...array_map(static fn (float|int|null $number): string => $number === null ? '' : PlainText::number($number), $numbers),
        ];
    }
}
