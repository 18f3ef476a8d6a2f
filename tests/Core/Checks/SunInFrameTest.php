<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\SunInFrame;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotSky;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Target;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * No photo is passed over in which the sun is: the check finds what is found by looking at every one.
 */
final class SunInFrameTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        foreach ([12.0, 24.0, 85.0] as $focal) {
            foreach (['04:30', '06:10', '12:00', '18:15'] as $start) {
                foreach ([0.0, 95.0, 180.0, 265.0] as $bearing) {
                    yield "{$focal} mm from {$start} towards {$bearing}" => [Plans::with([
                        '/optics' => [
                            'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'image_width_px' => 6000, 'image_height_px' => 4000,
                            'focal_mm' => $focal, 'output_width_px' => 1920, 'output_height_px' => 1080,
                            'foreground_m' => 1.2, 'subject_m' => 8, 'background_m' => 600,
                        ],
                        '/site' => ['name' => 'mill', 'latitude_deg' => 51.85, 'longitude_deg' => 1.9, 'zone' => 'Europe/London', 'date' => '2027-03-23'],
                        '/start' => ['event' => 'clock', 'at' => $start],
                        '/rig/base/zero_bearing_deg' => $bearing,
                        '/timing/photos' => 600,
                        '/timing/interval_s' => 14,
                    ])];
                }
            }
        }
    }

    #[DataProvider('plans')]
    public function testItFindsWhatLookingAtEveryPhotoFinds(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $sky = ShotSky::of($schedule);
        self::assertNotNull($sky);
        self::assertNotNull($plan->optics);
        $frame = new SkyFrame($plan->optics);
        $poses = Poses::columns($schedule);
        $azimuths = $sky->azimuths(Target::Sun);
        $held = [];
        foreach ($sky->altitudes(Target::Sun) as $n => $altitude) {
            $seen = new Horizontal($azimuths[$n], (new Horizontal($azimuths[$n], $altitude))->apparentAltitude());
            $pose = ['yaw' => $poses['yaw'][$n], 'pitch' => $poses['pitch'][$n], 'roll' => $poses['roll'][$n]];
            if ($altitude >= -0.833 && $frame->holds($seen, $pose, $plan->rig->base->zeroBearingDegrees)) {
                $held[] = $n;
                self::assertLessThanOrEqual($frame->reachDegrees(), $frame->degreesOff($seen, $pose, $plan->rig->base->zeroBearingDegrees));
            }
        }
        $found = (new SunInFrame())->find(Shot::on($schedule));
        self::assertSame(count($held), $found->photoCount ?? 0);
        self::assertSame($held === [] ? null : $held[0] + 1, $found?->firstPhoto);
    }
}
