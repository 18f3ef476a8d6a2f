<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Schedule\Schedule;

/**
 * The move as a line in time and position: level while the shutter is open (and until the move starts), rising or
 * falling while the rig moves. Moving continuously, it is a slope from trigger to trigger.
 */
final readonly class Staircase
{
    /**
     * @param Axis                       $axis
     * @param list<array{float, float}>  $points   seconds from the first trigger, and mm or degrees
     * @param float                      $highest  of the positions drawn, mm or degrees
     * @param float                      $span     highest less lowest, above zero even when the axis never moves
     */
    private function __construct(public Axis $axis, public array $points, public float $highest, public float $span)
    {
    }

    /**
     * @param int $mostPhotos longer shots leave out photos between, evenly; nobody sees single steps at that width
     *
     * @return list<self> one for each axis
     */
    public static function of(Schedule $schedule, int $mostPhotos): array
    {
        $numbers = self::drawn($schedule->photosTotal(), $mostPhotos);

        return array_map(static fn (Axis $axis): self => self::line($schedule, $axis, $numbers), $schedule->plan->rig->axes);
    }

    /**
     * @param list<int> $numbers photos, from 0
     */
    private static function line(Schedule $schedule, Axis $axis, array $numbers): self
    {
        $stops = $schedule->plan->timing->mode->stops();
        $positions = $schedule->moves->positions[$axis->id];
        $moveSeconds = $schedule->moves->axisMoveSeconds[$axis->id];
        $timeline = $schedule->timeline;
        $points = [];
        foreach ($numbers as $i => $n) {
            $points[] = [$timeline->triggerSeconds[$n], $positions[$n]];
            $next = $numbers[$i + 1] ?? null;
            // Between two photos that are neighbours the step is drawn true; across left-out ones it is a slope.
            if ($stops && $next === $n + 1 && $moveSeconds[$n] > 0.0) {
                $starts = $timeline->closeSeconds[$n] + $schedule->plan->rig->postExposureDelaySeconds;
                $points[] = [$starts, $positions[$n]];
                $points[] = [$starts + $moveSeconds[$n], $positions[$next]];
            }
        }
        $highest = max([-INF, ...$positions]);
        $span = $highest - min([INF, ...$positions]);

        // An axis that never moves is drawn as a line through the middle of one unit.
        return $span > 0.0 ? new self($axis, $points, $highest, $span) : new self($axis, $points, $highest + 0.5, 1.0);
    }

    /**
     * @return list<int> photos to draw, from 0: the first, the last, and evenly between
     */
    private static function drawn(int $photos, int $most): array
    {
        $every = (int) max(1, ceil($photos / $most));
        $numbers = range(0, $photos - 1, $every);
        if ($numbers[count($numbers) - 1] !== $photos - 1) {
            $numbers[] = $photos - 1;
        }

        return $numbers;
    }
}
