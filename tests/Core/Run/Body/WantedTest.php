<?php

declare(strict_types=1);

namespace Tests\Core\Run\Body;

use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class WantedTest extends TestCase
{
    /** Shutter times along the ramp, ISO from the photo at which it changes, white balance turned by the clock. */
    public function testEachPhotoWantsWhatItsPlanSays(): void
    {
        $schedule = Schedule::of(Plans::with([
            '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 2]],
            '/light' => ['aperture' => 5.6, 'iso' => 200, 'iso_changes' => [['frame' => 21, 'iso' => 400]]],
            '/settings' => ['white_balance' => 'by_clock', 'white_balance_k' => 5_000, 'white_balance_end_k' => 4_000],
        ] + self::steady()));
        $wanted = Wanted::of($schedule);
        [$first, $twentieth, $last] = [$wanted->for(1), $wanted->for(20), $wanted->for(40)];
        self::assertEqualsWithDelta([0.5, 2.0], [$first['shutter_time'], $last['shutter_time']], 1e-9);
        self::assertSame([200.0, 200.0, 400.0], [$first['iso'], $twentieth['iso'], $wanted->for(21)['iso']]);
        self::assertSame([5.6, 5.6], [$first['aperture'], $last['aperture']]);
        self::assertSame([5_000.0, 4_000.0], [$first['white_balance'], $last['white_balance']]);
        self::assertTrue($twentieth['white_balance'] < 5_000.0 && $twentieth['white_balance'] > 4_000.0);
    }

    /** What the plan does not say is left as it is; but a white balance that the camera chooses for each photo would flicker. */
    public function testWhatThePlanDoesNotSayIsLeftAlone(): void
    {
        self::assertSame(['shutter_time' => 0.5, 'white_balance' => 5_200.0], Wanted::of(Schedule::of(Plans::with(self::steady())))->for(7));
    }

    public function testTheDialStandsOnBulbWhereTheControllerTimes(): void
    {
        $wanted = Wanted::of(Schedule::of(Plans::with(self::steady() + ['/camera/exposure_timed_by' => 'controller'])));
        self::assertSame(INF, $wanted->for(1)['shutter_time']);
    }

    public function testWhatTheCameraMetersIsItsOwn(): void
    {
        $by = static fn (string $control): array => Wanted::of(Schedule::of(Plans::with(self::steady() + [
            '/light' => ['aperture' => 8, 'iso' => 100, 'control' => $control],
        ])))->for(1);
        self::assertSame([8.0, 100.0, 5_200.0], array_values($by('aperture_priority')));
        self::assertSame(['shutter_time', 'iso', 'white_balance'], array_keys($by('shutter_priority')));
    }

    public function testStopsAndMiredsAreWhatTellsValuesApart(): void
    {
        self::assertSame(1.0, BodySetting::ShutterTime->apart(0.5, 1.0));
        self::assertEqualsWithDelta(1.0, BodySetting::Aperture->apart(5.6, 8.0), 0.03);
        self::assertEqualsWithDelta(50.0, BodySetting::WhiteBalance->apart(5_000.0, 4_000.0), 1e-6);
        self::assertSame([0.0, INF], [BodySetting::ShutterTime->apart(INF, INF), BodySetting::ShutterTime->apart(1.0, INF)]);
    }

    /** @return array<string, mixed> */
    private static function steady(): array
    {
        return ['/timing/photos' => 40, '/timing/interval_s' => 6, '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0];
    }
}
