<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * Drives a rig along the way of its move, there and back, as somebody drags it or as a clock says. As with a jog (`JogStream`), it is sent no more than
 * it needs to go on for a moment and to brake: a host that falls silent stops it. It turns round from rest, and brakes at corners.
 */
final class WayStream
{
    /** The host asks so often at least. */
    public const LEAD_SECONDS = 0.15;

    /** Cosine up to which the way counts as straight on, as for the rig. */
    private const STRAIGHT_ON = 0.995;

    /** In motor steps of the coarsest axis: what is shorter points elsewhere once it is rounded, and the rig would brake for it. */
    private const SHORTEST_STEPS = 40.0;

    /** How much more way than reckoned may be left before a rig counts as behind: mm and degrees, and seconds of its speed. */
    private const BEHIND = 1.0;
    private const BEHIND_SECONDS = 0.4;

    private float $shortest;

    /** Units a second that all axes together do at the most. */
    private float $fastest;

    private ?FeedRun $run = null;
    private float $beganAt = 0.0;
    private float $acceleration = 0.0;

    /** @var array<string, float> shares of each axis in one unit of the way, where what was sent ends */
    private array $direction = [];

    /**
     * @param array<string, Axis> $axes  by id
     * @param float               $place where on the way the rig stands at rest, and where what it was sent ends
     */
    public function __construct(private readonly array $axes, private readonly Way $way, private float $place)
    {
        $this->fastest = sqrt(array_sum(array_map(static fn (Axis $axis): float => $axis->fastest() ** 2, array_values($axes))));
        $this->shortest = self::SHORTEST_STEPS * max([0.0, ...array_map(static fn (Axis $axis): float => 1.0 / $axis->stepsPerUnit, array_values($axes))]);
    }

    /** Where on the way what was sent ends. */
    public function sentTo(): float
    {
        return $this->place;
    }

    public function restsAt(): float
    {
        return $this->run === null ? $this->beganAt : $this->beganAt + $this->run->seconds();
    }

    /**
     * @param float $to    place to go on to
     * @param float $speed the most, units a second along the way; each axis' own limit holds besides
     * @param float $now   seconds, on whatever clock
     *
     * @return list<array{positions: array<string, float>, feed: float}> in their order; units a minute along the way
     */
    public function next(float $to, float $speed, float $now): array
    {
        $words = [];
        $this->run = $this->run !== null && $now - $this->beganAt < $this->run->seconds() ? $this->run : null;
        while ($this->place !== $to) {
            if ($this->way->length($this->place, $to) <= 0.0) {
                // Photos that stand where the one before did.
                $this->place = $to;
                break;
            }
            $elapsed = $this->run === null ? 0.0 : $now - $this->beganAt;
            $by = $this->wanting($elapsed, $speed);
            if ($by <= 0.0) {
                break;
            }
            $next = $this->onwards($to, max($by, $this->shortest));
            // Whole motor steps, as the rig has them: what leads straight on for one does for the other.
            [$from, $positions] = [$this->stepped($this->place), $this->stepped($next)];
            $length = sqrt(array_sum(array_map(static fn (float $one, float $two): float => ($two - $one) ** 2, $from, $positions)));
            if ($next === $this->place) {
                break;
            }
            if ($length <= 0.0) {
                $this->place = $next;
                continue;
            }
            $direction = array_combine(array_keys($from), array_map(static fn (float $one, float $two): float => ($two - $one) / $length, $from, $positions));
            if ($this->run !== null && !$this->isStraightOn($direction)) {
                break;
            }
            $this->goOn($direction, $length, $this->within($direction, $speed), $elapsed, $now);
            $this->place = $next;
            // The same for all that go together, or the rig takes them one by one; it keeps to each axis' own limit itself.
            $words[] = ['positions' => $positions, 'feed' => 60.0 * min($speed, $this->fastest)];
        }

        return $words;
    }

    /**
     * Goes on so as to be there after so many seconds.
     *
     * @return list<array{positions: array<string, float>, feed: float}>
     */
    public function beThere(float $to, float $within, float $now): array
    {
        $elapsed = $now - $this->beganAt;
        $left = $this->run === null ? 0.0 : $this->run->length() - $this->run->covered($elapsed);

        return $this->next($to, ($left + $this->way->length($this->place, $to)) / $within, $now);
    }

    /**
     * Whether a rig has more way left than it should have: one that brakes where it need not, or that is held. Sent more, it would go on for long after
     * everybody fell silent.
     *
     * @param array<string, float> $positions where it stands, by axis id
     */
    public function isBehind(array $positions, float $now): bool
    {
        $ends = $this->way->at($this->place);
        $left = 0.0;
        foreach ($ends as $id => $end) {
            $left += ($end - ($positions[$id] ?? $end)) ** 2;
        }
        $elapsed = $now - $this->beganAt;
        $reckoned = $this->run === null ? 0.0 : $this->run->length() - $this->run->covered($elapsed);

        return sqrt($left) > $reckoned + self::BEHIND + self::BEHIND_SECONDS * ($this->run?->speed($elapsed) ?? 0.0);
    }

    /** @return array<string, float> by axis id: where the motors stand for a place */
    private function stepped(float $place): array
    {
        $positions = $this->way->at($place);
        foreach ($this->axes as $id => $axis) {
            if (isset($positions[$id])) {
                $positions[$id] = $axis->motorPositionSteps($positions[$id]) / $axis->stepsPerUnit;
            }
        }

        return $positions;
    }

    /** The place so far on; photos that lie close together are taken in one. */
    private function onwards(float $to, float $by): float
    {
        $next = $this->place;
        do {
            $before = $next;
            $next = $this->way->onwards($next, $to, $by - $this->way->length($this->place, $next));
        } while ($next !== $to && $next !== $before && $this->way->length($this->place, $next) < min($by, $this->shortest));

        return $next;
    }

    /** How much more way it is to be sent. */
    private function wanting(float $elapsed, float $speed): float
    {
        if ($this->run === null) {
            $gentlest = min([INF, ...array_map(static fn (Axis $axis): float => $axis->maxAcceleration, array_values($this->axes))]);

            return FeedRun::lead(0.0, $speed, $gentlest, self::LEAD_SECONDS);
        }

        return FeedRun::lead($this->run->speed($elapsed), $this->within($this->direction, $speed), $this->acceleration, self::LEAD_SECONDS)
            - ($this->run->length() - $this->run->covered($elapsed));
    }

    /**
     * @param array<string, float> $direction
     */
    private function goOn(array $direction, float $length, float $speed, float $elapsed, float $now): void
    {
        if ($this->run === null) {
            $this->acceleration = INF;
            foreach ($direction as $id => $share) {
                $this->acceleration = $share === 0.0 ? $this->acceleration : min($this->acceleration, $this->axes[$id]->maxAcceleration / abs($share));
            }
            $this->run = new FeedRun($length, $speed, $this->acceleration);
            $this->beganAt = $now;
        } else {
            $this->run->extend($elapsed, $length, $speed);
        }
        $this->direction = $direction;
    }

    /**
     * @param array<string, float> $direction
     */
    private function within(array $direction, float $speed): float
    {
        foreach ($direction as $id => $share) {
            $speed = $share === 0.0 ? $speed : min($speed, $this->axes[$id]->fastest() / abs($share));
        }

        return $speed;
    }

    /**
     * @param array<string, float> $direction
     */
    private function isStraightOn(array $direction): bool
    {
        $along = 0.0;
        foreach ($direction as $id => $share) {
            $along += $share * ($this->direction[$id] ?? 0.0);
        }

        return $along >= self::STRAIGHT_ON;
    }
}
