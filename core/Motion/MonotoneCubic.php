<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * Shape-preserving piecewise cubic Hermite interpolation: it meets every knot, and between two knots never
 * leaves the range of their values, so an axis does not overshoot a keyframe.
 *
 * Slopes inside are the weighted harmonic mean of the neighbouring secants (Fritsch and Butland, "A method for
 * constructing local monotone piecewise cubic interpolants", SIAM J. Sci. Stat. Comput. 5, 1984), zero where the
 * secants change sign. End slopes are one-sided three-point estimates, limited to three times the end secant
 * (Fritsch and Carlson, "Monotone piecewise cubic interpolation", SIAM J. Numer. Anal. 17, 1980).
 */
final readonly class MonotoneCubic
{
    /** @var list<float> slope at each knot */
    private array $slopes;

    /**
     * @param list<float> $knots  strictly rising, at least two
     * @param list<float> $values one for each knot
     */
    public function __construct(private array $knots, private array $values)
    {
        $widths = [];
        $secants = [];
        for ($i = 0; $i < count($knots) - 1; $i++) {
            $widths[] = $knots[$i + 1] - $knots[$i];
            $secants[] = ($values[$i + 1] - $values[$i]) / ($knots[$i + 1] - $knots[$i]);
        }
        $this->slopes = self::slopes($widths, $secants);
    }

    public function at(float $w): float
    {
        $last = count($this->knots) - 1;
        if ($w <= $this->knots[0]) {
            return $this->values[0];
        }
        if ($w >= $this->knots[$last]) {
            return $this->values[$last];
        }
        // Halving: a path may have hundreds of knots, and is read at thousands of places.
        [$i, $above] = [0, $last];
        while ($above - $i > 1) {
            $middle = intdiv($i + $above, 2);
            [$i, $above] = $w >= $this->knots[$middle] ? [$middle, $above] : [$i, $middle];
        }
        $from = $this->values[$i];
        $to = $this->values[$i + 1];
        $width = $this->knots[$i + 1] - $this->knots[$i];
        $s = ($w - $this->knots[$i]) / $width;
        if ($last === 1) {
            return $from + ($to - $from) * $s;
        }

        return $from * (1.0 + 2.0 * $s) * (1.0 - $s) ** 2
            + $to * $s ** 2 * (3.0 - 2.0 * $s)
            + $width * ($this->slopes[$i] * $s * (1.0 - $s) ** 2 + $this->slopes[$i + 1] * $s ** 2 * ($s - 1.0));
    }

    /**
     * @param list<float> $widths
     * @param list<float> $secants
     *
     * @return list<float>
     */
    private static function slopes(array $widths, array $secants): array
    {
        $count = count($secants);
        if ($count === 1) {
            return [$secants[0], $secants[0]];
        }
        $slopes = [self::endSlope($widths[0], $widths[1], $secants[0], $secants[1])];
        for ($i = 1; $i < $count; $i++) {
            $before = $secants[$i - 1];
            $after = $secants[$i];
            if ($before * $after <= 0.0) {
                $slopes[] = 0.0;
                continue;
            }
            $weightBefore = 2.0 * $widths[$i] + $widths[$i - 1];
            $weightAfter = $widths[$i] + 2.0 * $widths[$i - 1];
            $slopes[] = ($weightBefore + $weightAfter) / ($weightBefore / $before + $weightAfter / $after);
        }
        [$nextWidth, $width] = array_slice($widths, -2);
        [$nextSecant, $secant] = array_slice($secants, -2);
        $slopes[] = self::endSlope($width, $nextWidth, $secant, $nextSecant);

        return $slopes;
    }

    private static function endSlope(float $width, float $nextWidth, float $secant, float $nextSecant): float
    {
        $slope = ((2.0 * $width + $nextWidth) * $secant - $width * $nextSecant) / ($width + $nextWidth);
        if ($slope * $secant <= 0.0) {
            return 0.0;
        }
        if ($secant * $nextSecant < 0.0 && abs($slope) > 3.0 * abs($secant)) {
            return 3.0 * $secant;
        }

        return $slope;
    }
}
