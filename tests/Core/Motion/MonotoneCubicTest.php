<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\MonotoneCubic;
use PHPUnit\Framework\TestCase;

final class MonotoneCubicTest extends TestCase
{
    public function testTwoKnotsMakeAStraightLine(): void
    {
        self::assertEqualsWithDelta(13.0, (new MonotoneCubic([0.0, 1.0], [10.0, 20.0]))->at(0.3), 1e-14);
    }

    /**
     * Worked by hand for knots 0, 1, 3 and values 0, 1, 2: secants 1 and ½; inside slope 9/(5/1 + 4/(½)) = 9/13;
     * first end (3·1 - ½ + 1·1)/3 → ((2·1 + 2)·1 - 1·½)/3 = 7/6; at ½ the Hermite cubic gives
     * 0·½ + 1·½ + (7/6·⅛ - 9/13·⅛).
     */
    public function testThreeKnotsGiveTheWorkedAnswer(): void
    {
        $curve = new MonotoneCubic([0.0, 1.0, 3.0], [0.0, 1.0, 2.0]);
        self::assertEqualsWithDelta(0.5 + (7 / 6 - 9 / 13) / 8, $curve->at(0.5), 1e-14);
    }

    public function testMeetsEveryKnotAndStaysBetweenNeighbours(): void
    {
        $knots = [0.0, 0.1, 0.45, 0.5, 0.9, 1.0];
        $values = [5.0, 80.0, 79.0, -40.0, -40.0, 3.0];
        $curve = new MonotoneCubic($knots, $values);
        foreach ($knots as $i => $knot) {
            self::assertSame($values[$i], $curve->at($knot));
        }
        for ($i = 0; $i < 5; $i++) {
            for ($s = 0; $s <= 50; $s++) {
                $y = $curve->at($knots[$i] + ($knots[$i + 1] - $knots[$i]) * $s / 50);
                self::assertGreaterThanOrEqual(min($values[$i], $values[$i + 1]) - 1e-12, $y);
                self::assertLessThanOrEqual(max($values[$i], $values[$i + 1]) + 1e-12, $y);
            }
        }
    }

    /**
     * The end slope may be three times the end secant at most (Fritsch and Carlson), and as much where the estimate is steeper. Worked by
     * hand for knots 0, 1, 2 and values 0, 1, -8: secants 1 and -9; the estimate (3·1 + 9)/2 = 6 becomes 3; the slope inside is 0 where the
     * secants change sign; at ½ the Hermite cubic gives 1·½ + 3·⅛. The same from the other end.
     */
    public function testASteepEndIsHeldToThreeTimesItsSecant(): void
    {
        $curve = new MonotoneCubic([0.0, 1.0, 2.0], [0.0, 1.0, -8.0]);
        self::assertEqualsWithDelta(0.875, $curve->at(0.5), 1e-14);
        $mirrored = new MonotoneCubic([0.0, 1.0, 2.0], [-8.0, 1.0, 0.0]);
        self::assertEqualsWithDelta(0.875, $mirrored->at(1.5), 1e-14);
    }

    /** An estimate of less than that stays: knots 0, 1, 2, values 0, 1, -1.6: (3·1 + 2.6)/2 = 2.8, so 1·½ + 2.8·⅛ at ½. */
    public function testAGentleEndKeepsItsEstimate(): void
    {
        self::assertEqualsWithDelta(0.85, (new MonotoneCubic([0.0, 1.0, 2.0], [0.0, 1.0, -1.6]))->at(0.5), 1e-14);
    }
}
