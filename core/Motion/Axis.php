<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;

/**
 * One motorised axis of the rig. Positions are in millimetres (linear) or degrees (rotary).
 */
final readonly class Axis
{
    /** Names that a keyframe uses for itself, so that no axis can take them. */
    private const RESERVED_IDS = ['at', 'pass', 'hold_photos', 'easing', 'matters_most', 'subject_width', 'subject_height'];

    /** Far beyond any rig, and small enough that positions in motor steps stay exact whole numbers. */
    public const MOST = 1_000_000;

    public AxisRole $role;

    /**
     * @param float $min                lowest position, mm or degrees
     * @param float $max                highest position, mm or degrees
     * @param float $maxSpeed           units per second
     * @param float $maxAcceleration    units per second squared
     * @param float $stepsPerUnit       motor steps per mm or degree
     * @param ?float $minSpeed          the slowest it can creep without stuttering, units per second; null where nobody said
     * @param float $backlash           play taken up when the axis turns round, mm or degrees
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public string $id,
        public AxisKind $kind,
        public float $min,
        public float $max,
        public float $maxSpeed,
        public float $maxAcceleration,
        public float $stepsPerUnit,
        public float $backlash = 0.0,
        public ?float $minSpeed = null,
    ) {
        $this->role = AxisRole::of($id);
        $problems = new Problems();
        if (preg_match('/^[a-z][a-z0-9_]{0,23}$/D', $id) !== 1 || in_array($id, self::RESERVED_IDS, true)) {
            $problems->add('/id', 'Name the axis in small letters, digits and _, such as slide, pan or tilt.');
        }
        $problems->unlessBetween($min, -self::MOST, self::MOST, '/min', 'the lowest position');
        $problems->unlessBetween($max, -self::MOST, self::MOST, '/max', 'the highest position');
        if (!$problems->any() && $min >= $max) {
            $problems->add('/max', 'Enter a highest position above the lowest one.');
        }
        $problems->unlessPositive($maxSpeed, self::MOST, '/max_speed', 'a speed');
        if ($minSpeed !== null) {
            $problems->unlessPositive($minSpeed, self::MOST, '/min_speed', 'a speed');
            if ($minSpeed > $maxSpeed) {
                $problems->add('/min_speed', 'Enter a slowest speed below the top speed.');
            }
        }
        $problems->unlessPositive($maxAcceleration, self::MOST, '/max_acceleration', 'an acceleration');
        $problems->unlessPositive($stepsPerUnit, self::MOST, '/steps_per_unit', 'motor steps per unit');
        $problems->unlessBetween($backlash, 0, self::MOST, '/backlash', 'a backlash');
        $problems->throwIfAny();
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withAcceleration(float $acceleration): self
    {
        return Copy::of($this, array_diff_key(get_object_vars($this), ['role' => true]), ['maxAcceleration' => $acceleration]);
    }

    public function holds(float $position): bool
    {
        return $position >= $this->min && $position <= $this->max;
    }

    /** What to say of a position beyond the travel. */
    public function travelProblem(): string
    {
        return sprintf(
            'The %s goes from %s to %s: enter a position between.',
            $this->id,
            PlainText::rounded($this->min),
            PlainText::withUnit(PlainText::rounded($this->max), $this->kind->unit()),
        );
    }

    /** The nearest position within the axis's travel. */
    public function clamp(float $position): float
    {
        return max($this->min, min($this->max, $position));
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
        $distanceToReachFullSpeedAndStop = $this->maxSpeed ** 2 / $this->maxAcceleration;

        return $distance >= $distanceToReachFullSpeedAndStop
            ? $distance / $this->maxSpeed + $this->maxSpeed / $this->maxAcceleration
            : 2.0 * sqrt($distance / $this->maxAcceleration);
    }
}
