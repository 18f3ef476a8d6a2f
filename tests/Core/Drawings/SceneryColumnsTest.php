<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Drawings\IntervalColumns;
use Evrent\Core\Drawings\SceneryColumns;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Shot\ShotSky;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Target;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class SceneryColumnsTest extends TestCase
{
    private const EVENING = [
        '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -1800], '/timing/photos' => 120, '/timing/interval_s' => 20,
        '/rig/base' => ['zero_bearing_deg' => 0],
    ];

    /**
     * @param array<string, mixed> $changes
     */
    private static function schedule(array $changes = []): Schedule
    {
        return Schedule::of(Plans::with($changes + self::EVENING));
    }

    public function testNothingIsShownOfWhatThePlanDoesNotSay(): void
    {
        self::assertSame([], SceneryColumns::of(Shot::of(Plans::with([]))));
        $without = SceneryColumns::of(Shot::on(self::schedule()));
        self::assertCount(6, $without);
        self::assertArrayNotHasKey('light:ev', $without);
        self::assertSame([], SceneryColumns::of(Shot::on(self::schedule(['/rig/base' => ['off_level_deg' => 0]]))), 'nobody knows where it looks');
        self::assertCount(10, SceneryColumns::of(Shot::on(self::schedule(['/light' => ['aperture' => 4]]))));
    }

    /** Pan and tilt that the columns name look at the body, for every photo, in the turn nearest to the pan's own travel. */
    public function testPanAndTiltLookAtTheBody(): void
    {
        foreach ([0.0, 90.0, 200.0, 355.0] as $zero) {
            $schedule = self::schedule(['/rig/base' => ['zero_bearing_deg' => $zero]]);
            $columns = SceneryColumns::of(Shot::on($schedule));
            $sky = ShotSky::of($schedule);
            $pan = $schedule->plan->rig->axis('pan');
            self::assertNotNull($pan);
            foreach (Target::cases() as $target) {
                $pans = $columns["sky:{$target->value}:pan"];
                self::assertCount($schedule->photosTotal(), $pans);
                self::assertLessThanOrEqual(180.0, abs($pans[0] / IntervalColumns::SCALE - ($pan->min + $pan->max) / 2.0));
                foreach ([0, 60, $schedule->photosTotal() - 1] as $n) {
                    $seen = $sky?->at($target, $n);
                    self::assertNotNull($seen);
                    $off = Angles::turn($pans[$n] / IntervalColumns::SCALE + $zero - $seen->azimuth + 180.0) - 180.0;
                    self::assertEqualsWithDelta(0.0, $off, 0.01);
                    self::assertEqualsWithDelta($seen->followedAltitude(), $columns["sky:{$target->value}:tilt"][$n] / IntervalColumns::SCALE, 0.01);
                }
            }
        }
    }

    /** Lines have no jump, neither at north nor at the horizon. */
    public function testLinesHaveNoJump(): void
    {
        $night = ['/start' => ['event' => 'clock', 'at' => '22:00'], '/timing/photos' => 700, '/timing/interval_s' => 60];
        foreach (SceneryColumns::of(Shot::on(self::schedule($night))) as $name => $column) {
            for ($n = 1; $n < count($column); $n++) {
                self::assertLessThan(2.0 * IntervalColumns::SCALE, abs($column[$n] - $column[$n - 1]), "{$name} at photo {$n}");
            }
        }
    }

    public function testLightIsThatOfThePhotos(): void
    {
        $schedule = self::schedule(['/light' => ['aperture' => 4, 'iso' => 200, 'iso_changes' => [['frame' => 60, 'iso' => 400]]], '/timing/exposure_s' => 0.25]);
        $columns = SceneryColumns::of(Shot::on($schedule));
        $light = ShotLight::of(Shot::on($schedule));
        self::assertNotNull($light);
        foreach ([0, 58, 59, 100] as $n) {
            self::assertEqualsWithDelta($light->exposureValues[$n], $columns['light:ev'][$n] / IntervalColumns::SCALE, 1e-3);
            self::assertEqualsWithDelta($light->errors[$n], $columns['light:error'][$n] / IntervalColumns::SCALE, 1e-3);
            self::assertSame($n < 59 ? 200 : 400, intdiv($columns['light:iso'][$n], IntervalColumns::SCALE));
            self::assertSame(-2, intdiv($columns['light:stops'][$n], IntervalColumns::SCALE), 'a quarter of a second');
        }
    }
}
