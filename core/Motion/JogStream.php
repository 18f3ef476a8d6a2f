<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * Drives a rig by hand for as long as somebody says so: little by little, never further than it can stop. What it has been sent always ends at
 * rest, so a host, a link or a hand that falls silent stops it without a word. The rig looks ahead (`FeedRun`): it goes through what it is sent
 * in one direction without a stop, and brakes at its end.
 *
 * Each time it is asked it sends as much as the rig can go on gathering speed in for `LEAD_SECONDS`, and brake from then. So braking begins at
 * most that long after the last word, and rest comes v/a later. Another direction is taken up from rest.
 */
final class JogStream
{
    /** Between two words a hand is still there; the host speaks twice as often. */
    public const LEAD_SECONDS = 0.1;

    private ?FeedRun $run = null;
    private float $beganAt = 0.0;

    /** @var array<string, float> shares of each axis in one unit of the way, by id */
    private array $direction = [];
    private float $speed = 0.0;
    private float $acceleration = 0.0;

    /**
     * @param array<string, Axis>  $axes      by id
     * @param array<string, float> $positions where the rig stands at rest, and where what it was sent ends: mm or degrees, by axis id
     */
    public function __construct(private readonly array $axes, private array $positions)
    {
    }

    /**
     * @param array<string, float> $steer -1…1 by axis id: the share of its top speed, with its sign; nothing or 0 to let go
     * @param float                $now   seconds, on whatever clock
     *
     * @return ?array{positions: array<string, float>, feed: float} where to go on to, and units a minute along the way; null for nothing
     */
    public function next(array $steer, float $now): ?array
    {
        $wanted = $this->velocity($steer);
        $isUnderWay = $this->run !== null && $now - $this->beganAt < $this->run->seconds();
        if ($wanted === []) {
            return null;
        }
        if (!$isUnderWay) {
            $this->set($wanted);
            $this->run = null;
        } elseif (!$this->isAlong($wanted)) {
            // It has to stand before it turns.
            return null;
        } else {
            $this->speed = self::length($wanted);
        }
        $elapsed = $this->run === null ? 0.0 : $now - $this->beganAt;
        $going = $this->run?->speed($elapsed) ?? 0.0;
        $left = $this->run === null ? 0.0 : $this->run->length() - $this->run->covered($elapsed);
        $by = min(FeedRun::lead($going, $this->speed, $this->acceleration, self::LEAD_SECONDS) - $left, $this->room());
        if ($by <= 0.0) {
            return null;
        }
        if ($this->run === null) {
            $this->run = new FeedRun($by, $this->speed, $this->acceleration);
            $this->beganAt = $now;
        } else {
            $this->run->extend($elapsed, $by, $this->speed);
        }
        foreach ($this->direction as $id => $share) {
            $this->positions[$id] = $this->axes[$id]->clamp($this->positions[$id] + $share * $by);
        }

        return ['positions' => array_intersect_key($this->positions, $this->direction), 'feed' => 60.0 * $this->speed];
    }

    /** When it stands, if nobody says anything any more. */
    public function restsAt(): float
    {
        return $this->run === null ? $this->beganAt : $this->beganAt + $this->run->seconds();
    }

    /** How far it may go in this direction until the first axis is at its end. */
    private function room(): float
    {
        $room = INF;
        foreach ($this->direction as $id => $share) {
            $axis = $this->axes[$id];
            $ahead = $share > 0.0 ? $axis->max - $this->positions[$id] : $this->positions[$id] - $axis->min;
            $room = $axis->isEndless ? $room : min($room, $ahead / abs($share));
        }

        return max(0.0, $room);
    }

    /**
     * @param array<string, float> $steer
     *
     * @return array<string, float> units a second, by axis id
     */
    private function velocity(array $steer): array
    {
        $velocity = [];
        foreach ($steer as $id => $share) {
            if (isset($this->axes[$id]) && $share !== 0.0) {
                $velocity[$id] = max(-1.0, min(1.0, $share)) * $this->axes[$id]->fastest();
            }
        }

        return $velocity;
    }

    /**
     * @param non-empty-array<string, float> $velocity
     */
    private function set(array $velocity): void
    {
        $this->speed = self::length($velocity);
        $this->direction = array_map(fn (float $one): float => $one / $this->speed, $velocity);
        $this->acceleration = INF;
        foreach ($this->direction as $id => $share) {
            $this->acceleration = min($this->acceleration, $this->axes[$id]->maxAcceleration / abs($share));
        }
    }

    /**
     * @param non-empty-array<string, float> $velocity
     */
    private function isAlong(array $velocity): bool
    {
        $speed = self::length($velocity);
        foreach ($this->direction + array_fill_keys(array_keys($velocity), 0.0) as $id => $share) {
            if (abs(($velocity[$id] ?? 0.0) / $speed - $share) > 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<string, float> $of by axis id
     */
    private static function length(array $of): float
    {
        return sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $of)));
    }
}
