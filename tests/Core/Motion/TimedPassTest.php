<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Motion\Way;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;

final class TimedPassTest extends TestCase
{
    public function testAWayIsAsLongAsAControllerMeasuresIt(): void
    {
        $way = new Way(['slide' => [0.0, 3.0, 3.0, 6.0], 'pan' => [0.0, 4.0, 4.0, 0.0]]);
        self::assertSame(3, $way->end);
        // 3-4-5 twice, and a photo between that stands where the one before did.
        self::assertEqualsWithDelta(10.0, $way->length(0.0, 3.0), 1e-9);
        self::assertEqualsWithDelta(10.0, $way->length(3.0, 0.0), 1e-9);
        self::assertEqualsWithDelta(2.5 + 1.25, $way->length(0.5, 2.25), 1e-9);
        self::assertSame(['slide' => 1.5, 'pan' => 2.0], $way->at(0.5));
        self::assertSame(['slide' => 6.0, 'pan' => 0.0], $way->at(3.0));
        self::assertEqualsWithDelta(0.4, $way->onwards(0.0, 3.0, 2.0), 1e-9);
        self::assertEqualsWithDelta(1.0, $way->onwards(0.4, 3.0, 99.0), 1e-9, 'a line is straight to the next photo');
        self::assertEqualsWithDelta(2.6, $way->onwards(3.0, 0.0, 2.0), 1e-9);
        $this->expectException(InvalidArgumentException::class);
        $way->at(3.1);
    }

    public function testItSetsOutAndComesToRestGently(): void
    {
        $axes = ['slide' => self::slide(100.0)];
        $pass = new TimedPass(new Way(['slide' => [0.0, 10.0, 20.0, 30.0, 40.0]]), $axes, 0.0, 4.0, 10.0);
        self::assertSame(10.0, $pass->seconds);
        // Ramps of a second at both ends: an even pace of 4 / 9 places a second, of which the first second gains half.
        self::assertEqualsWithDelta(0.0, $pass->place(0.0), 1e-9);
        self::assertEqualsWithDelta(2.0 / 9.0, $pass->place(1.0), 1e-9);
        self::assertEqualsWithDelta(2.0, $pass->place(5.0), 1e-9);
        self::assertEqualsWithDelta(4.0 - 2.0 / 9.0, $pass->place(9.0), 1e-9);
        self::assertEqualsWithDelta(4.0, $pass->place(12.0), 1e-9);
        self::assertEqualsWithDelta(3.7, $pass->secondsTo($pass->place(3.7)), 1e-6);
        $back = new TimedPass(new Way(['slide' => [0.0, 10.0, 20.0, 30.0, 40.0]]), $axes, 4.0, 0.0, 10.0);
        self::assertEqualsWithDelta(4.0 - $pass->place(3.0), $back->place(3.0), 1e-9);
        self::assertEqualsWithDelta(8.2, $back->secondsTo($back->place(8.2)), 1e-6);
    }

    public function testNoPassIsFasterThanItsSlowestAxis(): void
    {
        // 30 mm in one step of four, at 20 mm/s: the even pace is 1 / 0.9 of the mean.
        $way = new Way(['slide' => [0.0, 5.0, 35.0, 40.0, 45.0]]);
        self::assertEqualsWithDelta(30.0 * 4.0 / 0.9 / 20.0, (new TimedPass($way, ['slide' => self::slide(20.0)], 0.0, 4.0, 1.0))->seconds, 1e-9);
        self::assertSame(1.0, TimedPass::leastSeconds($way, ['slide' => self::slide(20.0)], 2.0, 2.0), 'nowhere to go');
    }

    private static function slide(float $speed): Axis
    {
        return new Axis('slide', AxisKind::Linear, 0.0, 100.0, $speed, 90.0, 80.0);
    }
}
