<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A whole shot as a program that a controller carries out by itself: home, go to the first place, and for each photo close the trigger line, wait
 * until the shutter is closed, move, and wait for the rest of the interval; or, where the rig does not stop, go on evenly from trigger to trigger.
 *
 * Each wait goes to the photo's own time from the first trigger, and not from the wait before it, so that rounding never adds up. Moves are
 * waited for (`M400`) before the rest of the interval is (`G4`): a controller whose dwell waits for its moves and one whose does not come to the
 * same.
 */
final class ShotProgram
{
    /** What the trigger line is closed for where the camera times its exposure itself. */
    private const CLOSED_SECONDS = 0.1;
    private const DIGITS = 4;

    /**
     * @throws InvalidInput where the shot has no clock, or no rig that moves
     */
    public static function of(Schedule $schedule): string
    {
        $plan = $schedule->plan;
        if (!$plan->timing->mode->hasClock() || $plan->rig->axes === []) {
            $says = new Message('devices.program.no_clock');
            throw new InvalidInput([new Problem('/timing/mode', $says)]);
        }
        $stops = $plan->timing->mode->stops();
        $byLine = $plan->camera->exposureTimedBy === TimedBy::Controller;
        $triggers = $schedule->timeline->triggerSeconds;
        $lines = [
            Comment::of($plan->title), Comment::of(new Message('devices.program.photos', [
                'count' => $schedule->photosTotal(), 'run' => Quantity::withUnit($schedule->summary->runSeconds, 's', 0),
            ])),
            Comment::of(new Message('devices.program.hands_off')), 'G21 G90 G94', 'G28', self::to($schedule, 0), 'M400',
        ];
        // Once for all of them: a program has thousands.
        $photo = substr(Comment::of(new Message('devices.program.photo')), 1, -1);
        $now = 0.0;
        foreach ($triggers as $n => $due) {
            $wait = round($due - $now, self::DIGITS);
            if ($wait > 0.0) {
                $lines[] = self::wait($wait);
                $now += $wait;
            }
            $lines[] = "({$photo} " . ($n + 1) . ')';
            if (!$stops && isset($triggers[$n + 1])) {
                // Evenly to the next place, in the time until its photo; one such way goes over into the next.
                $lines[] = sprintf('G93 G1 %s F%s', substr(self::to($schedule, $n + 1), 3), self::number(60.0 / ($triggers[$n + 1] - $due), 6));
            }
            $exposure = $schedule->exposureSeconds[$n];
            $held = round($byLine ? $exposure : self::CLOSED_SECONDS, self::DIGITS);
            $lines[] = sprintf('M240 P%s', self::number($held * 1_000.0));
            $now += $held;
            $closed = round($due + $plan->camera->shutterLagSeconds + $exposure + $plan->rig->postExposureDelaySeconds - $now, self::DIGITS);
            if ($stops && $closed > 0.0) {
                $lines[] = self::wait($closed);
                $now += $closed;
            }
            $moves = $schedule->moves->moveSeconds[$n] ?? 0.0;
            if ($stops && $moves > 0.0 && isset($triggers[$n + 1])) {
                $lines[] = self::quietly($schedule, $n) ?? self::to($schedule, $n + 1);
                $lines[] = 'M400';
                $now += $moves;
            }
        }

        return implode("\n", $lines) . "\n";
    }

    /** To the next place no faster than the motors may be heard; null where they may. */
    private static function quietly(Schedule $schedule, int $n): ?string
    {
        $rig = $schedule->plan->rig;
        $at = static fn (int $place): array => array_map(static fn (array $column): float => $column[$place], $schedule->moves->positions);
        $seconds = $rig->isHushed() ? $rig->evenSeconds($at($n), $at($n + 1)) : 0.0;

        return $seconds > 0.0 ? sprintf('G93 G1 %s F%s', substr(self::to($schedule, $n + 1), 3), self::number(60.0 / $seconds, 6)) : null;
    }

    private static function to(Schedule $schedule, int $place): string
    {
        $words = 'G0';
        foreach (Letters::of($schedule->plan->rig) as $axis => $letter) {
            $words .= " {$letter}" . self::number($schedule->moves->positions[$axis][$place], 6);
        }

        return $words;
    }

    private static function wait(float $seconds): string
    {
        return 'G4 P' . self::number($seconds);
    }

    /** A number as short as it can be written. */
    public static function number(float $number, int $digits = self::DIGITS): string
    {
        return rtrim(rtrim(sprintf("%.{$digits}F", $number + 0.0), '0'), '.');
    }
}
