<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Motor;
use Evrent\Core\Motion\Way;

/**
 * What the motors do from photo to photo: positions in whole steps, the steps of each move and the time it takes.
 */
final readonly class Moves
{
    /**
     * @param array<string, list<float>> $positions          by axis id, for each photo, mm or degrees
     * @param array<string, list<int>>   $motorPositionSteps by axis id, for each photo
     * @param array<string, list<int>>   $motorSteps         by axis id, the move after each photo (0 after the last)
     * @param array<string, list<float>> $axisMoveSeconds    by axis id, time of the move after each photo
     * @param list<float>                $moveSeconds        the slowest axis's time, after each photo
     */
    private function __construct(
        public array $positions,
        public array $motorPositionSteps,
        public array $motorSteps,
        public array $axisMoveSeconds,
        public array $moveSeconds,
    ) {
    }

    /**
     * @param list<Axis>                 $axes
     * @param array<string, list<float>> $positions by axis id, for each photo
     * @param int                        $photos    how many there are
     */
    public static function along(array $axes, array $positions, int $photos): self
    {
        $motorPositionSteps = $motorSteps = $axisMoveSeconds = [];
        $slowest = array_fill(0, $photos, 0.0);
        foreach ($axes as $axis) {
            $stepped = [];
            foreach ($positions[$axis->id] as $position) {
                $stepped[] = $axis->motorPositionSteps($position);
            }
            $steps = $seconds = [];
            $motor = new Motor($axis, $stepped[0]);
            for ($n = 0; $n < $photos - 1; $n++) {
                $needed = $motor->turnTo($stepped[$n + 1]);
                $steps[] = $stepped[$n + 1] - $stepped[$n];
                $seconds[] = $needed;
                if ($needed > $slowest[$n]) {
                    $slowest[$n] = $needed;
                }
            }
            $steps[] = 0;
            $seconds[] = 0.0;
            $motorPositionSteps[$axis->id] = $stepped;
            $motorSteps[$axis->id] = $steps;
            $axisMoveSeconds[$axis->id] = $seconds;
        }

        return new self($positions, $motorPositionSteps, $motorSteps, $axisMoveSeconds, $slowest);
    }

    /**
     * Where the motors stand at each photo, as a way to drive along.
     *
     * @param list<Axis> $axes those of its plan
     *
     * @return ?Way null without axes
     */
    public function way(array $axes): ?Way
    {
        $positions = [];
        foreach ($axes as $axis) {
            $column = array_map(static fn (int $steps): float => $steps / $axis->stepsPerUnit, $this->motorPositionSteps[$axis->id]);
            $positions += $column === [] ? [] : [$axis->id => $column];
        }

        return $positions === [] ? null : new Way($positions);
    }

    /**
     * @return array<string, float> by axis id: the largest step from one photo to the next, mm or degrees, ≥ 0
     */
    public function largestStep(): array
    {
        $largest = [];
        foreach ($this->positions as $axisId => $column) {
            $most = 0.0;
            for ($n = 1; $n < count($column); $n++) {
                $most = max($most, abs($column[$n] - $column[$n - 1]));
            }
            $largest[$axisId] = $most;
        }

        return $largest;
    }
}
