<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Where the camera looks, with a base that is off level.
 */
final class PosesTest extends TestCase
{
    /** Two degrees down toward pan 0: panned there it looks two degrees lower and level, a quarter turn on it leans and looks as high as the tilt says. */
    public function testABaseOffLevelLowersWhatItLeansToward(): void
    {
        $plan = Plans::with(['/rig/base' => ['off_level_deg' => 2, 'toward_deg' => 0, 'zero_bearing_deg' => 0]]);
        $ahead = Poses::at($plan, ['slide' => 500.0, 'pan' => 0.0, 'tilt' => 10.0]);
        self::assertEqualsWithDelta(['x' => 0.5, 'yaw' => 0.0, 'pitch' => 8.0, 'roll' => 0.0], $ahead, 1e-9);
        $aside = Poses::at($plan, ['slide' => 0.0, 'pan' => 90.0, 'tilt' => 10.0]);
        self::assertEqualsWithDelta(10.0, $aside['pitch'], 1e-9);
        self::assertEqualsWithDelta(2.0, abs($aside['roll']), 1e-9);
    }

    public function testTheColumnsAreThePosesOfEachPhoto(): void
    {
        foreach ([0, 3] as $offLevel) {
            $schedule = Schedule::of(Plans::with(['/rig/base' => ['off_level_deg' => $offLevel, 'toward_deg' => 20, 'zero_bearing_deg' => 0]]));
            $columns = Poses::columns($schedule);
            foreach ([1, 60, 130, 240] as $number) {
                $pose = Poses::at($schedule->plan, $schedule->photo($number)->positions);
                foreach ($pose as $name => $value) {
                    self::assertEqualsWithDelta($value, $columns[$name][$number - 1], 1e-12, "{$name} of photo {$number}");
                }
            }
        }
    }
}
