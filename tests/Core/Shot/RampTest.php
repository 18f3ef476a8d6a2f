<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\ExposureKeys;
use Evrent\Core\Light\Light;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ExposureRoom;
use Evrent\Core\Shot\Ramp;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class RampTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    private static function dusk(array $changes = []): Plan
    {
        return Plans::with($changes + [
            '/timing/photos' => 500, '/timing/interval_s' => 8, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -600], '/light' => ['aperture' => 4, 'longest_s' => 4],
        ]);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function shots(): iterable
    {
        yield 'into the night' => [[]];
        yield 'into the day' => [['/start' => ['event' => 'sunrise', 'offset_s' => -3600]]];
        yield 'few ISO numbers' => [['/light' => ['aperture' => 4, 'isos' => [100, 200, 400, 800, 1600], 'longest_s' => 2]]];
        yield 'night stays night' => [['/light' => ['aperture' => 4, 'longest_s' => 6, 'bias' => [['ev' => -4, 'stops' => -2], ['ev' => 3, 'stops' => 0]]]]];
        yield 'a filter on' => [['/light' => ['aperture' => 4, 'nd_stops' => 6, 'longest_s' => 5]]];
        yield 'keyed intervals' => [['/timing/interval_s' => [['at' => 0, 'interval_s' => 9], ['at' => 0.5, 'interval_s' => 5], ['at' => 1, 'interval_s' => 12]]]];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('shots')]
    public function testARampNeverExceedsItsRateOrItsLimits(array $changes): void
    {
        $schedule = Schedule::of(self::dusk($changes));
        $light = $schedule->plan->light ?? new Light();
        $room = ExposureRoom::of($schedule);
        foreach ([School::ThirdStops, School::Stepless] as $school) {
            $ramp = Ramp::of(Shot::on($schedule), $school);
            self::assertNotNull($ramp);
            $longest = $school === School::ThirdStops ? Exposure::trueSeconds($light->longestSeconds) : $light->longestSeconds;
            $before = null;
            foreach ($ramp->exposures as $n => $seconds) {
                self::assertLessThanOrEqual(min($longest, $room[$n]) + 1e-9, $seconds);
                self::assertGreaterThanOrEqual($light->shortestSeconds - 1e-12, $seconds);
                self::assertContains($ramp->isos[$n], $light->isos);
                $stops = log($seconds * Exposure::trueIso($ramp->isos[$n]), 2);
                self::assertLessThanOrEqual(Ramp::MOST_STOPS_A_PHOTO + 1e-6, abs($stops - ($before ?? $stops)), "photo {$n}");
                $before = $stops;
            }
            self::assertSame([], $ramp->late);
        }
    }

    public function testWhileTheLightFallsNothingGoesBackAndForth(): void
    {
        foreach ([School::ThirdStops, School::Stepless] as $school) {
            $ramp = Ramp::of(Shot::of(self::dusk()), $school);
            self::assertNotNull($ramp);
            $stops = array_map(static fn (float $seconds, float $iso): float => log($seconds * Exposure::trueIso($iso), 2), $ramp->exposures, $ramp->isos);
            for ($n = 1; $n < count($stops); $n++) {
                self::assertGreaterThanOrEqual($ramp->isos[$n - 1], $ramp->isos[$n]);
                self::assertGreaterThanOrEqual($stops[$n - 1] - 1e-9, $stops[$n]);
                // ISO waits until the shutter can do no more.
                self::assertTrue($ramp->isos[$n] === $ramp->isos[0] || max(array_slice($ramp->exposures, 0, $n)) > 4.0 * 2.0 ** (-1.0 / 3.0) - 1e-9);
            }
        }
    }

    public function testWithinItsLimitsEachSchoolComesAsNearAsItCan(): void
    {
        $schedule = Schedule::of(self::dusk(['/timing/photos' => 200]));
        $worst = static fn (School $school): float => abs(Ramp::of(Shot::on($schedule), $school)?->worstError() ?? INF);
        self::assertLessThan(0.02, $worst(School::Stepless));
        self::assertLessThan(0.25, $worst(School::ThirdStops));
        self::assertGreaterThan(2.0, $worst(School::Fixed));
        self::assertLessThan(0.01, $worst(School::AperturePriority));
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('shots')]
    public function testAnAcceptedRampIsTheRampInFewKeys(array $changes): void
    {
        $schedule = Schedule::of(self::dusk($changes));
        foreach ([School::ThirdStops, School::Stepless] as $school) {
            $ramp = Ramp::of(Shot::on($schedule), $school);
            $plan = RampedPlan::by(Shot::on($schedule), $school);
            self::assertNotNull($ramp);
            self::assertNotNull($plan);
            $ramped = Schedule::of($plan);
            $light = ShotLight::of(Shot::on($ramped));
            self::assertNotNull($light);
            foreach ($ramped->exposureSeconds as $n => $seconds) {
                self::assertEqualsWithDelta(0.0, log($seconds / $ramp->exposures[$n], 2), ExposureKeys::NEAR_STOPS, "photo {$n}");
                self::assertSame($ramp->isos[$n], $light->isos[$n]);
            }
            self::assertLessThan(count($ramped->exposureSeconds) / 3, count($plan->timing->exposure->keys));
            self::assertTrue($ramped->summary->fits());
        }
    }

    public function testWithGapsTheLightIsThatOfThePhotosAsTheyMove(): void
    {
        $plan = RampedPlan::by(Shot::of(self::dusk(['/timing/interval_means' => 'gap', '/timing/interval_s' => 4, '/timing/photos' => 300])), School::Stepless);
        self::assertNotNull($plan);
        self::assertLessThan(0.1, max(array_map(abs(...), ShotLight::of(Shot::of($plan))->errors ?? [INF])));
    }

    public function testOneMeteredExposureShiftsAllOfIt(): void
    {
        $light = ['aperture' => 8, 'iso' => 200, 'metered' => ['at' => '2027-03-23T18:30:00Z', 'exposure_s' => 0.5, 'aperture' => 8, 'iso' => 200]];
        $start = ['event' => 'clock', 'at' => '18:30'];
        $schedule = Schedule::of(self::dusk(['/light' => $light, '/start' => $start, '/timing/exposure_s' => 0.5]));
        self::assertEqualsWithDelta(0.0, ShotLight::of(Shot::on($schedule))->errors[0] ?? INF, 1e-6);
        $filtered = Schedule::of(self::dusk(['/light' => ['nd_stops' => 3] + $light, '/start' => $start, '/timing/exposure_s' => 0.5]));
        self::assertEqualsWithDelta(-3.0, ShotLight::of(Shot::on($filtered))->errors[0] ?? INF, 1e-6);
    }

    public function testLongShotsAreReadBetweenLooksAsIfEachPhotoWereLookedAt(): void
    {
        $long = ShotLight::of(Shot::of(self::dusk(['/timing/photos' => 3_000, '/timing/interval_s' => 5])));
        self::assertNotNull($long);
        foreach ([0, 7, 777, 1_501, 2_999] as $n) {
            $alone = ShotLight::of(Shot::of(self::dusk(['/timing/photos' => 2, '/timing/start_delay_s' => $n * 5])));
            self::assertEqualsWithDelta($alone->exposureValues[0] ?? INF, $long->exposureValues[$n], 0.02);
        }
    }

    public function testWithoutPlaceStartOrLightNothingIsSaid(): void
    {
        foreach (['/site', '/start', '/light'] as $without) {
            $document = json_decode(\Evrent\Core\Format\PlanWriter::toJson(self::dusk()), true, 32, JSON_THROW_ON_ERROR);
            assert(is_array($document));
            unset($document[ltrim($without, '/')]);
            $plan = \Evrent\Core\Format\PlanReader::fromJson(json_encode($document, JSON_THROW_ON_ERROR));
            self::assertNull(ShotLight::of(Shot::of($plan)));
        }
        self::assertNull(ShotLight::of(Shot::of(self::dusk(['/timing/mode' => 'stop_motion']))));
    }
}
