<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

/**
 * One row of the frame schedule. Seconds count from the first trigger; what the rig does is the move after the photo.
 */
final readonly class Photo
{
    /**
     * @param int                  $number             1 for the first
     * @param array<string, float> $positions          mm or degrees by axis id
     * @param array<string, int>   $motorPositionSteps by axis id
     * @param array<string, int>   $motorSteps         of the move after it, by axis id
     * @param array<string, float> $travelWhileOpen    mm or degrees by axis id
     * @param ?float               $requiredSeconds    null on the last
     * @param ?float               $slackSeconds       null on the last
     * @param ?float               $iso                null where the plan says nothing of its light
     */
    public function __construct(
        public int $number,
        public Phase $phase,
        public float $triggerSeconds,
        public float $openSeconds,
        public float $exposureSeconds,
        public float $closeSeconds,
        public float $intervalSeconds,
        public float $lateSeconds,
        public float $writeEndSeconds,
        public array $positions,
        public array $motorPositionSteps,
        public array $motorSteps,
        public float $moveSeconds,
        public array $travelWhileOpen,
        public ?float $requiredSeconds,
        public ?float $slackSeconds,
        public ?float $iso = null,
    ) {
    }

    /**
     * @param int $number 1 … photos in all
     */
    public static function of(Schedule $schedule, int $number): self
    {
        $n = $number - 1;
        $timeline = $schedule->timeline;
        $moves = $schedule->moves;

        return new self(
            number: $number,
            phase: $schedule->order->phases[$n],
            triggerSeconds: $timeline->triggerSeconds[$n],
            openSeconds: $timeline->triggerSeconds[$n] + $schedule->plan->camera->shutterLagSeconds,
            exposureSeconds: $schedule->exposureSeconds[$n],
            closeSeconds: $timeline->closeSeconds[$n],
            intervalSeconds: $schedule->intervalSeconds[$n],
            lateSeconds: $timeline->lateSeconds[$n],
            writeEndSeconds: $timeline->writeEndSeconds[$n],
            positions: self::row($moves->positions, $n),
            motorPositionSteps: self::row($moves->motorPositionSteps, $n),
            motorSteps: self::row($moves->motorSteps, $n),
            moveSeconds: $moves->moveSeconds[$n],
            travelWhileOpen: Creep::whileOpen(
                $schedule->plan,
                $schedule->order->travelIndices[$n],
                $schedule->order->travelIndices[$n + 1] ?? $schedule->order->travelIndices[$n],
                ($timeline->triggerSeconds[$n + 1] ?? 0.0) - $timeline->triggerSeconds[$n],
                $schedule->exposureSeconds[$n],
            ),
            requiredSeconds: $timeline->requiredSeconds[$n],
            slackSeconds: $timeline->slackSeconds[$n],
            iso: $schedule->plan->light?->isoAt($n),
        );
    }

    /**
     * @template T
     *
     * @param array<string, list<T>> $columns
     *
     * @return array<string, T>
     */
    private static function row(array $columns, int $n): array
    {
        return array_map(static fn (array $column): mixed => $column[$n], $columns);
    }
}
