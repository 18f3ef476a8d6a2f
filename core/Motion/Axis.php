<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * One motorised axis of the rig. Positions are in millimetres (linear) or degrees (rotary).
 */
final readonly class Axis
{
    private const NAMED = ['slide', 'pan', 'tilt', 'turntable'];

    /** Names that a keyframe uses for itself, so that no axis can take them. */
    private const RESERVED_IDS = ['at', 'pass', 'hold_photos', 'easing', 'matters_most', 'subject_width', 'subject_height'];

    /** Far beyond any rig, and small enough that positions in motor steps stay exact whole numbers. */
    public const MOST = 1_000_000;

    private const SECONDS_PER_HOUR = 3_600.0;
    private const DEGREES_PER_TURN = 360.0;

    public AxisRole $role;
    public float $min;
    public float $max;

    /**
     * @param ?float $min               lowest position, mm or degrees; null only where it has no ends
     * @param ?float $max               highest position, mm or degrees; null only where it has no ends
     * @param float $maxSpeed           units per second
     * @param float $maxAcceleration    units per second squared
     * @param float $stepsPerUnit       motor steps per mm or degree
     * @param bool  $isEndless           turns on and on, or runs on a belt: it has no ends, whatever is given for them
     * @param ?float $clockworkPerHour   how far a clockwork takes it in an hour, at a speed that nobody chooses; null where a motor is told
     * @param ?float $minSpeed          the slowest it can creep without stuttering, units per second; null where nobody said
     * @param ?float $quietSpeed        up to which its motor is not heard in a sound recording, units per second; null where nobody said
     * @param bool   $isQuiet           whether sound is recorded beside it, so that it goes no faster than that
     * @param float $backlash           play taken up when the axis turns round, mm or degrees
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public string $id,
        public AxisKind $kind,
        ?float $min,
        ?float $max,
        public float $maxSpeed,
        public float $maxAcceleration,
        public float $stepsPerUnit,
        public float $backlash = 0.0,
        public ?float $minSpeed = null,
        public bool $isEndless = false,
        public ?float $clockworkPerHour = null,
        public ?float $quietSpeed = null,
        public bool $isQuiet = false,
    ) {
        $this->role = AxisRole::of($id);
        $problems = new Problems();
        foreach (['/min' => $min, '/max' => $max] as $field => $end) {
            if ($end === null && !$isEndless) {
                $problems->add($field, new Message('motion.axis.travel'));
            }
        }
        [$min, $max] = [$min ?? -1.0 * self::MOST, $max ?? 1.0 * self::MOST];
        [$this->min, $this->max] = [$min, $max];
        if (preg_match('/^[a-z][a-z0-9_]{0,23}$/D', $id) !== 1 || in_array($id, self::RESERVED_IDS, true)) {
            $problems->add('/id', new Message('motion.axis.name'));
        }
        $problems->unlessBetween($min, -self::MOST, self::MOST, '/min', new Message('motion.axis.lowest'));
        $problems->unlessBetween($max, -self::MOST, self::MOST, '/max', new Message('motion.axis.highest'));
        if (!$problems->any() && $min >= $max) {
            $problems->add('/max', new Message('motion.axis.order'));
        }
        if ($clockworkPerHour !== null) {
            $problems->unlessPositive($clockworkPerHour, self::MOST, '/clockwork_per_h', new Message('motion.axis.clockwork'));
        }
        $problems->unlessPositive($maxSpeed, self::MOST, '/max_speed', new Message('what.speed'));
        if ($minSpeed !== null) {
            $problems->unlessPositive($minSpeed, self::MOST, '/min_speed', new Message('what.speed'));
            if ($minSpeed > $maxSpeed) {
                $problems->add('/min_speed', new Message('motion.axis.slow_order'));
            }
        }
        if ($quietSpeed !== null) {
            $problems->unlessPositive($quietSpeed, self::MOST, '/quiet_speed', new Message('what.speed'));
            if ($minSpeed !== null && $quietSpeed < $minSpeed) {
                $problems->add('/quiet_speed', new Message('motion.axis.quiet_order'), $minSpeed);
            }
        }
        $problems->unlessPositive($maxAcceleration, self::MOST, '/max_acceleration', new Message('motion.axis.acceleration'));
        $problems->unlessPositive($stepsPerUnit, self::MOST, '/steps_per_unit', new Message('motion.axis.steps'));
        $problems->unlessBetween($backlash, 0, self::MOST, '/backlash', new Message('motion.axis.backlash'));
        $problems->throwIfAny();
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withAcceleration(float $acceleration): self
    {
        return Copy::of($this, array_diff_key(get_object_vars($this), ['role' => true]), ['maxAcceleration' => $acceleration]);
    }

    /** Its name: slide, pan, tilt and turntable in the reader's language, another as it was typed. */
    public function label(): Message|string
    {
        return self::labelOf($this->id);
    }

    /**
     * @param string $id of an axis
     */
    public static function labelOf(string $id): Message|string
    {
        return in_array($id, self::NAMED, true) ? new Message("axes.{$id}") : $id;
    }

    /** As fast as it may go: its top speed, or the quiet one where sound is recorded beside it. Units per second. */
    public function fastest(): float
    {
        return $this->isQuiet ? min($this->maxSpeed, $this->quietSpeed ?? $this->maxSpeed) : $this->maxSpeed;
    }

    /** The same beside a sound recording, or without one. */
    public function quiet(bool $isQuiet): self
    {
        return $isQuiet === $this->isQuiet ? $this : Copy::of(
            $this,
            array_diff_key(get_object_vars($this), ['role' => true]),
            ['isQuiet' => $isQuiet],
        );
    }

    /**
     * As far and as fast as both this axis and a rig's own go. It speeds up and brakes as the rig does: nobody tells that otherwise.
     *
     * @param ?float $min          lowest position of the rig's, mm or degrees; null where it has no ends, as for $max
     * @param float  $stepsPerUnit the rig's: what its motor really turns by
     *
     * @throws \Evrent\Core\Values\InvalidInput where the rig says what no axis is
     */
    public function within(?float $min, ?float $max, float $maxSpeed, float $maxAcceleration, float $stepsPerUnit): self
    {
        $hasEnds = $min !== null && $max !== null;
        [$low, $high] = $hasEnds && !$this->isEndless ? [max($this->min, $min), min($this->max, $max)] : [$min ?? $this->min, $max ?? $this->max];
        $speed = min($this->maxSpeed, $maxSpeed);

        return Copy::of($this, array_diff_key(get_object_vars($this), ['role' => true]), [
            'min' => $low < $high ? $low : $min, 'max' => $low < $high ? $high : $max, 'isEndless' => $this->isEndless && !$hasEnds,
            'maxSpeed' => $speed, 'minSpeed' => $this->minSpeed === null ? null : min($this->minSpeed, $speed),
            'maxAcceleration' => $maxAcceleration, 'stepsPerUnit' => $stepsPerUnit,
        ]);
    }

    public function holds(float $position): bool
    {
        return $this->isEndless || $position >= $this->min && $position <= $this->max;
    }

    /** Units a second at which a clockwork takes it; null where a motor is told how fast. */
    public function clockworkSpeed(): ?float
    {
        return $this->clockworkPerHour === null ? null : $this->clockworkPerHour / self::SECONDS_PER_HOUR;
    }

    /** Whole turns and parts of one, by which such an axis is counted; null where it is not counted so. */
    public function turns(float $way): ?float
    {
        return $this->isEndless && $this->kind === AxisKind::Rotary ? abs($way) / self::DEGREES_PER_TURN : null;
    }

    /** What to say of a position beyond the travel. */
    public function travelProblem(): Message
    {
        return new Message('motion.axis.outside', [
            'axis' => $this->label(),
            'min' => Quantity::rounded($this->min),
            'max' => Quantity::withUnit($this->max, $this->kind->unit()),
        ]);
    }

    /** The nearest position within the axis's travel. */
    public function clamp(float $position): float
    {
        return $this->isEndless ? $position : max($this->min, min($this->max, $position));
    }

    /**
     * Whole motor steps of a position, rounded half away from zero. Always taken from the absolute
     * position, so the error is at most half a step and never adds up.
     */
    public function motorPositionSteps(float $position): int
    {
        $ideal = abs($position * $this->stepsPerUnit);
        $whole = floor($ideal);
        $steps = (int) ($ideal - $whole >= 0.5 ? $whole + 1.0 : $whole);

        return $position < 0 ? -$steps : $steps;
    }

    /**
     * Shortest time in which the axis covers a distance from rest to rest: a trapezoidal speed profile
     * d/v + v/a when it reaches full speed, else a triangular one 2·√(d/a).
     *
     * @param float $distance mm or degrees, ≥ 0
     */
    public function moveSeconds(float $distance): float
    {
        if ($distance <= 0.0) {
            return 0.0;
        }
        $distanceToReachFullSpeedAndStop = $this->fastest() ** 2 / $this->maxAcceleration;

        return $distance >= $distanceToReachFullSpeedAndStop
            ? $distance / $this->fastest() + $this->fastest() / $this->maxAcceleration
            : 2.0 * sqrt($distance / $this->maxAcceleration);
    }
}
