<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Summary;
use Evrent\Core\Timing\Mode;

/**
 * Writes a frame schedule in the open format evrent.schedule/1.
 */
final class ScheduleJson
{
    public const FORMAT = 'evrent.schedule/1';

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES;

    /**
     * Piece by piece, one for each photo, so that the text of a long schedule is never held whole.
     *
     * @return iterable<string>
     */
    public static function pieces(Schedule $schedule): iterable
    {
        $stops = $schedule->plan->timing->mode === Mode::ShootMoveShoot;
        yield '{"format":' . json_encode(self::FORMAT, self::FLAGS)
            . ",\n\"summary\":" . json_encode(self::summary($schedule->summary), self::FLAGS)
            . ",\n\"frames\":[\n";
        for ($number = 1; $number <= $schedule->photosTotal(); $number++) {
            yield json_encode(self::frame($schedule->photo($number), $stops), self::FLAGS) . ($number < $schedule->photosTotal() ? ",\n" : "\n");
        }
        yield "]}\n";
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
