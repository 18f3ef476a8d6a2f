<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\Jog;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class JogTest extends TestCase
{
    /** 24 mm on 36 mm takes in ±0.75 across: dragged by half its width, the picture's middle goes to its edge, atan 0.75 = 36.87°. */
    public function testThePictureHangsOnTheFinger(): void
    {
        $plan = Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 24]]);
        $from = ['slide' => 100.0, 'pan' => 40.0, 'tilt' => 0.0];
        self::assertEqualsWithDelta(40.0 - 36.87, Jog::dragged($plan, $from, 0.5, 0.0)['pan'], 0.01);
        self::assertEqualsWithDelta(-26.57, Jog::dragged($plan, $from, 0.0, 0.5)['tilt'], 0.01);
        self::assertSame(100.0, Jog::dragged($plan, $from, 0.5, 0.5)['slide']);
    }

    /** The subject, 20 m away, crosses 30 m of picture: a tenth of that is 3 m, and the rail ends before. */
    public function testWithoutAPanTheRigSlides(): void
    {
        $axes = [['id' => 'slide', 'kind' => 'linear', 'min' => 0, 'max' => 1200, 'max_speed' => 40, 'max_acceleration' => 80, 'steps_per_unit' => 100]];
        $plan = Plans::with([
            '/rig/axes' => $axes, '/move/keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => 900]], '/optics' => Plans::OPTICS + ['focal_mm' => 24],
        ]);
        self::assertSame(300.0, Jog::dragged($plan, ['slide' => 600.0], 0.01, 0.0)['slide']);
        self::assertSame(0.0, Jog::dragged($plan, ['slide' => 600.0], 0.1, 0.0)['slide']);
    }

    public function testAStepMayBeAShareOfTheFrame(): void
    {
        $plan = Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 24]]);
        $stands = ['slide' => 500.0, 'pan' => 0.0, 'tilt' => 0.0];
        // One per cent of 1.5 across at 20 m is 300 mm; ten of it turn the pan by atan 0.15.
        self::assertSame(800.0, Jog::moved($plan, $stands, 'slide', 1, 'fine', ofFrame: true)['slide']);
        self::assertEqualsWithDelta(rad2deg(atan(0.15)), Jog::moved($plan, $stands, 'pan', 1, 'coarse', ofFrame: true)['pan'], 1e-3);
        self::assertSame(5.0, Jog::moved($plan, $stands, 'pan', 1, 'coarse')['pan']);
    }
}
