<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * How a run from one standstill to the next starts and ends: the position ramp.
 */
final readonly class Easing
{
    /** Room for decimal fractions such as 0.7 + 0.3, whose binary sum may pass 1 by a hair. */
    private const SUM_TOLERANCE = 1e-12;

    /**
     * @param float $rampIn  share of the run in which it gathers speed, 0…1 (0 is a hard start)
     * @param float $rampOut share of the run in which it slows down, 0…1 (0 is a hard stop)
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $rampIn = 0.0,
        public float $rampOut = 0.0,
        public EaseShape $shape = EaseShape::Constant,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($rampIn, 0, 1, '/ramp_in', new Message('what.share'));
        $problems->unlessBetween($rampOut, 0, 1, '/ramp_out', new Message('what.share'));
        if (!$problems->any() && $rampIn + $rampOut > 1.0 + self::SUM_TOLERANCE) {
            $message = new Message('motion.easing.too_long');
            $problems->add('/ramp_in', $message);
            $problems->add('/ramp_out', $message);
        }
        $problems->throwIfAny();
    }

    /** Both ramps together, as many controllers quote them; up to 1. */
    public function total(): float
    {
        return $this->rampIn + $this->rampOut;
    }

    /**
     * Share of the way covered after a share of the run.
     *
     * @param float $u share of the run, 0…1
     *
     * @return float 0 at the start, 1 at the end, never falling between
     */
    public function covered(float $u): float
    {
        if ($u <= 0.0) {
            return 0.0;
        }
        if ($u >= 1.0) {
            return 1.0;
        }
        $a = $this->rampIn;
        $b = $this->rampOut;
        // Full speed, from the condition that the whole run covers exactly 1.
        $v = 1.0 / (1.0 - ($a + $b) / 2.0);
        if ($u < $a) {
            return $v * $a * $this->shape->travelled($u / $a);
        }
        if ($u <= 1.0 - $b) {
            return $v * ($u - $a / 2.0);
        }

        return 1.0 - $v * $b * $this->shape->travelled((1.0 - $u) / $b);
    }
}
