<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Units;
use Evrent\Core\Plan\PassBy;
use Evrent\Core\Plan\Plan;

/**
 * A pass in real time along the same path: how fast each axis gets, and the shortest that the rig can do.
 *
 * The path is walked as in the time-lapse, its photos spread evenly over the pass: what an axis covers between two of them, by the time
 * that lies between them, is its speed.
 */
final readonly class PassFacts
{
    /**
     * @param array<string, float> $peakSpeeds      mm or degrees a second, by axis id
     * @param float                $shortestSeconds below which some axis would have to go faster than it can
     */
    private function __construct(public Plan $plan, public float $seconds, public array $peakSpeeds, public float $shortestSeconds)
    {
    }

    /** Null where no pass is planned. */
    public static function of(Plan $plan): ?self
    {
        $seconds = $plan->pass->durationSeconds;
        if ($seconds === null) {
            return null;
        }
        $columns = $plan->path->positionColumns();
        $moves = $plan->timing->photos - 1;
        $peaks = [];
        $shortest = 0.0;
        foreach ($plan->rig->axes as $axis) {
            $largest = 0.0;
            $column = $columns[$axis->id];
            for ($n = 1; $n <= $moves; $n++) {
                $largest = max($largest, abs($column[$n] - $column[$n - 1]));
            }
            $peaks[$axis->id] = $largest * $moves / $seconds;
            $shortest = max($shortest, $largest * $moves / $axis->fastest());
        }

        return new self($plan, $seconds, $peaks, $shortest);
    }

    public function fits(): bool
    {
        return $this->seconds >= $this->shortestSeconds - 1e-9;
    }

    /**
     * @return list<Message> sentences: how fast, whether it can, who does what
     */
    public function told(Units $units): array
    {
        $axes = array_map(fn (Axis $axis): Message => new Message('shot.pass.axis', [
            'axis' => $axis->label(),
            'speed' => $units->speedText($axis->kind, $this->peakSpeeds[$axis->id]),
            'most' => $units->speedText($axis->kind, $axis->fastest()),
        ]), $this->plan->rig->axes);

        return array_values(array_filter([
            $axes === [] ? new Message('shot.pass.still') : new Message('shot.pass.over', [
                'duration' => Quantity::duration($this->seconds), 'axes' => Joined::of($axes),
            ]),
            $this->fits() ? null : new Message('shot.pass.too_fast', ['least' => Quantity::seconds(ceil($this->shortestSeconds * 10.0 - 1e-6) / 10.0)]),
            match ($this->plan->pass->by) {
                PassBy::TwoCameras => new Message('shot.pass.two_cameras'),
                PassBy::OneCamera => new Message('shot.pass.one_camera'),
                null => null,
            },
            $this->plan->pass->hasStillPlate === true ? new Message('shot.pass.clean_plate') : null,
        ]));
    }
}
