<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * How the speed rises along a ramp. Each shape is the integral F of a speed curve that goes from 0 to 1
 * over t = 0…1, scaled so that F(1) = ½: a ramp covers half of what full speed would.
 */
enum EaseShape: string implements Labelled
{
    /** Constant acceleration: speed t. */
    case Constant = 'constant';
    /** Speed (1 - cos πt)/2. */
    case Cosine = 'cosine';
    /** Speed 3t² - 2t³ (the smoothstep polynomial). */
    case Cubic = 'cubic';
    /** Speed 6t⁵ - 15t⁴ + 10t³: acceleration and jerk-free ends. */
    case Quintic = 'quintic';

    public function label(): Message
    {
        return new Message("choices.ease_shape.{$this->value}");
    }

    /**
     * @param float $t share of the ramp, 0…1
     *
     * @return float 0…½
     */
    public function travelled(float $t): float
    {
        return match ($this) {
            self::Constant => $t * $t / 2.0,
            self::Cosine => $t / 2.0 - sin(M_PI * $t) / (2.0 * M_PI),
            self::Cubic => $t ** 3 - $t ** 4 / 2.0,
            self::Quintic => $t ** 6 - 3.0 * $t ** 5 + 2.5 * $t ** 4,
        };
    }
}
