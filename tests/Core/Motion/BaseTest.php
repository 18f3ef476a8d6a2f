<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\Base;
use Evrent\Core\Schedule\Poses;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class BaseTest extends TestCase
{
    public function testLookingAlongTheLeanTheHorizonRisesAndAcrossItLeans(): void
    {
        $base = new Base(3, 90, 0);
        self::assertEqualsWithDelta([0.0, 3.0], [$base->leanDegrees(90), $base->dipDegrees(90)], 1e-12);
        // Facing north with the east end low, the camera rolls: the horizon falls to the left of it.
        self::assertEqualsWithDelta([-3.0, 0.0], [$base->leanDegrees(0), $base->dipDegrees(0)], 1e-12);
        self::assertEqualsWithDelta([3.0, 0.0], [$base->leanDegrees(180), $base->dipDegrees(180)], 1e-12);
        self::assertEqualsWithDelta(-3.0, (new Base(3, 90, 0))->dipDegrees(-90), 1e-12);
    }

    public function testBearingsCountFromWhereThePanStandsAtZero(): void
    {
        self::assertEqualsWithDelta((new Base(2, 30, 0))->leanDegrees(75), (new Base(2, 130, 100))->leanDegrees(75), 1e-12);
    }

    public function testPosesAreTheAxesAndTheLean(): void
    {
        $plan = Plans::with(['/rig/base' => ['off_level_deg' => 1, 'toward_deg' => 0]]);
        $pose = Poses::at($plan, ['slide' => 250.0, 'pan' => 0.0, 'tilt' => 5.0]);
        self::assertEqualsWithDelta(['x' => 0.25, 'yaw' => 0.0, 'pitch' => 4.0, 'roll' => 0.0], $pose, 1e-12);
    }
}
