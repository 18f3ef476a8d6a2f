<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\PhotoStream;
use Evrent\Core\Schedule\Summary;
use Evrent\Core\Timing\Mode;

/**
 * Writes a frame schedule in the open format evrent.schedule/1.
 */
final class ScheduleJson
{
    public const FORMAT = 'evrent.schedule/1';

    /** What stop motion, which has no clock, cannot say. */
    private const SUMMARY_TIMES = ['run_s', 'booked_s', 'min_slack_s', 'tightest_frame', 'late_s'];
    private const FRAME_TIMES = ['trigger_s', 'open_s', 'close_s', 'interval_s', 'late_s', 'write_end_s', 'required_s', 'slack_s'];

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES;

    /**
     * Piece by piece, one for each photo, so that a long schedule is never held whole: neither its text nor its numbers.
     *
     * @return iterable<string>
     */
    public static function pieces(Plan $plan): iterable
    {
        $mode = $plan->timing->mode;
        // The summary stands first and hangs on all photos, so they are gone through twice.
        $summary = Summary::ofPhotos($plan, PhotoStream::of($plan));
        yield '{"format":' . json_encode(self::FORMAT, self::FLAGS)
            . ",\n\"summary\":" . json_encode(self::timed(self::summary($summary), $mode, self::SUMMARY_TIMES), self::FLAGS)
            . ",\n\"frames\":[\n";
        foreach (PhotoStream::of($plan) as $photo) {
            $frame = self::timed(self::frame($photo, $mode->stops()), $mode, self::FRAME_TIMES);
            yield json_encode($frame, self::FLAGS) . ($photo->number < $summary->photosTotal ? ",\n" : "\n");
        }
        yield "]}\n";
    }

    /**
     * @param array<string, mixed> $values
     * @param list<string>         $times  names of the values that hang on a clock
     *
     * @return array<string, mixed>
     */
    private static function timed(array $values, Mode $mode, array $times): array
    {
        return $mode->hasClock() ? $values : array_replace($values, array_fill_keys($times, null));
    }

    /**
     * @return array<string, mixed>
     */
    private static function summary(Summary $summary): array
    {
        return [
            'photos_total' => $summary->photosTotal,
            'clip_s' => $summary->clipSeconds,
            'run_s' => $summary->runSeconds,
            'booked_s' => $summary->bookedSeconds,
            'min_slack_s' => $summary->minSlackSeconds,
            'tightest_frame' => $summary->tightestPhoto,
            'stretched_frames' => $summary->stretchedPhotos,
            'late_s' => $summary->lateSeconds,
            'largest_step' => $summary->largestStep,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function frame(Photo $photo, bool $stops): array
    {
        return [
            'frame' => $photo->number,
            'phase' => $photo->phase->value,
            'trigger_s' => $photo->triggerSeconds,
            'open_s' => $photo->openSeconds,
            'exposure_s' => $photo->exposureSeconds,
            ...($photo->iso === null ? [] : ['iso' => $photo->iso]),
            'close_s' => $photo->closeSeconds,
            'interval_s' => $photo->intervalSeconds,
            'late_s' => $photo->lateSeconds,
            'write_end_s' => $photo->writeEndSeconds,
            'positions' => $photo->positions,
            'motor_position_steps' => $photo->motorPositionSteps,
            'motor_steps' => $photo->motorSteps,
            ...($stops ? ['move_s' => $photo->moveSeconds] : []),
            'required_s' => $photo->requiredSeconds,
            'slack_s' => $photo->slackSeconds,
            ...($stops ? [] : ['travel_while_open' => $photo->travelWhileOpen]),
        ];
    }
}
