<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the legs and the carriage carry, and how steep the slide stands.
 */
final readonly class Load
{
    /** What carries a camera is rated for twice its load: wind, a pull at a cable, a hand on it. */
    public const SAFETY = 2.0;

    /** Of a motor's thrust, so much is used: the rest is for cold grease and a low battery. */
    public const THRUST_SHARE = 0.7;

    private const GRAVITY = 9.80665;
    private const MILLIMETRES_PER_METRE = 1_000.0;
    private const MOST_KILOGRAMS = 1_000;

    /**
     * @param float  $rigKilograms            slider and what else stands on the legs beside camera, lens and head
     * @param ?float $legsRatingKilograms     null when nobody looked
     * @param ?float $carriageRatingKilograms as for the legs
     * @param float  $inclineDegrees          of the slide
     * @param float  $friction                of the carriage, coefficient
     * @param ?float $thrustNewtons           of the slide's motor at the belt
     * @param float  $counterweightKilograms  hung on a line over a pulley at the slide's upper end; 0 for none
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $cameraKilograms = 0.7,
        public float $lensKilograms = 0.6,
        public float $headKilograms = 1.5,
        public float $rigKilograms = 0.0,
        public ?float $legsRatingKilograms = null,
        public ?float $carriageRatingKilograms = null,
        public float $inclineDegrees = 0.0,
        public float $friction = 0.05,
        public ?float $thrustNewtons = null,
        public float $counterweightKilograms = 0.0,
    ) {
        $problems = new Problems();
        $masses = [
            'camera_kg' => $cameraKilograms, 'lens_kg' => $lensKilograms, 'head_kg' => $headKilograms, 'rig_kg' => $rigKilograms,
            'counterweight_kg' => $counterweightKilograms,
        ];
        foreach ($masses as $field => $kilograms) {
            $problems->unlessBetween($kilograms, 0, self::MOST_KILOGRAMS, "/{$field}", new Message('what.kilograms'));
        }
        foreach (['legs_rating_kg' => $legsRatingKilograms, 'carriage_rating_kg' => $carriageRatingKilograms] as $field => $rating) {
            if ($rating !== null) {
                $problems->unlessPositive($rating, self::MOST_KILOGRAMS, "/{$field}", new Message('what.kilograms'));
            }
        }
        $problems->unlessBetween($inclineDegrees, 0, 90, '/incline_deg', new Message('what.angle'));
        $problems->unlessBetween($friction, 0, 2, '/friction', new Message('what.friction'));
        if ($thrustNewtons !== null) {
            $problems->unlessPositive($thrustNewtons, 100_000, '/thrust_n', new Message('what.newtons'));
        }
        $problems->throwIfAny();
    }

    /** Camera, lens and head: what the carriage carries. */
    public function carriedKilograms(): float
    {
        return $this->cameraKilograms + $this->lensKilograms + $this->headKilograms;
    }

    public function onLegsKilograms(): float
    {
        return $this->carriedKilograms() + $this->rigKilograms + $this->counterweightKilograms;
    }

    /**
     * Up the incline: m·g·(sin θ + μ·cos θ) + m·a. A counterweight c pulls with c·g and is moved too, and what is too heavy has to be pushed
     * back down: the larger of m·g·sin θ - c·g and its reverse, and m·g·μ·cos θ + (m + c)·a.
     *
     * @param float $acceleration of the slide, mm/s²
     */
    public function thrustNeededNewtons(float $acceleration): float
    {
        $angle = deg2rad($this->inclineDegrees);
        [$mass, $weight] = [$this->carriedKilograms(), $this->counterweightKilograms];
        $down = $mass * sin($angle) - $weight;

        return self::GRAVITY * (($weight > 0.0 ? abs($down) : $down) + $mass * $this->friction * cos($angle))
            + ($mass + $weight) * $acceleration / self::MILLIMETRES_PER_METRE;
    }

    /**
     * @param array{
     *     cameraKilograms?: float, lensKilograms?: float, headKilograms?: float, rigKilograms?: float, legsRatingKilograms?: ?float,
     *     carriageRatingKilograms?: ?float, inclineDegrees?: float, friction?: float, thrustNewtons?: ?float,
     *     counterweightKilograms?: float,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }
}
