<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Body;
use Evrent\Core\Sky\Equatorial;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Nutation;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Star;
use Evrent\Core\Sky\Sun;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

/**
 * The worked examples of Meeus, Astronomical Algorithms (2nd edition), by their numbers there.
 */
final class PlacesTest extends TestCase
{
    private static function at(string $time): Instant
    {
        return new Instant((float) (new DateTimeImmutable($time))->getTimestamp());
    }

    /** An instant whose dynamical time is the one given: the examples leave ΔT out. */
    private static function dynamical(string $time): Instant
    {
        $universal = self::at($time);
        $aimed = ($universal->julianDay - 2_451_545.0) / 36_525.0;

        return $universal->plusSeconds(($aimed - $universal->centuries) * 36_525.0 * 86_400.0);
    }

    public function testExample12aSiderealTimeAtMidnight(): void
    {
        // 1987 April 10, 0h UT: 13h 10m 46.3668s.
        self::assertEqualsWithDelta((13 + 10 / 60 + 46.3668 / 3600) * 15, self::at('1987-04-10T00:00:00Z')->meanSiderealDegrees(), 1e-5);
    }

    public function testExample12bSiderealTimeInTheDay(): void
    {
        self::assertEqualsWithDelta(128.7378734, self::at('1987-04-10T19:21:00Z')->meanSiderealDegrees(), 1e-5);
    }

    public function testExample22aNutationAndObliquity(): void
    {
        $nutation = new Nutation(self::dynamical('1987-04-10T00:00:00Z')->centuries);
        self::assertEqualsWithDelta(-3.788 / 3600, $nutation->longitude, 0.5 / 3600);
        self::assertEqualsWithDelta(23 + 26 / 60 + 36.850 / 3600, $nutation->trueObliquity, 0.2 / 3600);
    }

    public function testExample25aTheSun(): void
    {
        $sun = (new Sun())->place(self::dynamical('1992-10-13T00:00:00Z'));
        self::assertEqualsWithDelta([198.38083, -7.78507], [$sun->rightAscension, $sun->declination], 1e-3);
        self::assertEqualsWithDelta(0.99766 * 149_597_870.7, $sun->distanceKilometres, 2_000);
    }

    public function testExample47aTheMoon(): void
    {
        $instant = self::dynamical('1992-04-12T00:00:00Z');
        [$longitude, $latitude, $distance] = Moon::ecliptic($instant->centuries);
        self::assertEqualsWithDelta([133.162655, -3.229126], [$longitude, $latitude], 2e-6);
        self::assertEqualsWithDelta(368_409.7, $distance, 0.1);
        $moon = (new Moon())->place($instant);
        self::assertEqualsWithDelta([134.688470, 13.768368], [$moon->rightAscension, $moon->declination], 2e-4);
    }

    public function testExample48aTheMoonsLitFraction(): void
    {
        $instant = self::dynamical('1992-04-12T00:00:00Z');
        $phase = Moon::phaseAngle((new Moon())->place($instant), (new Sun())->place($instant));
        self::assertEqualsWithDelta(69.0756, $phase, 0.01);
        self::assertEqualsWithDelta(0.6786, Moon::litFraction($phase), 1e-4);
    }

    public function testExample21bPrecession(): void
    {
        // θ Persei, with its own motion since J2000.0 added: 2h 46m 11.331s, +49° 20' 54.54" on 2028 November 13.19.
        $star = new Star(41.054063, 49.227750);
        $precessed = $star->precessed(0.288670500);
        self::assertEqualsWithDelta([41.547214, 49.348483], [$precessed->rightAscension, $precessed->declination], 1e-5);
    }

    public function testExample13bHorizontalCoordinates(): void
    {
        // Venus from Washington, 1987 April 10, 19h 21m UT: azimuth 68.0337° from the south, altitude 15.1249°.
        $washington = new Observer(38 + 55 / 60 + 17 / 3600, -(77 + 3 / 60 + 56 / 3600));
        $instant = self::at('1987-04-10T19:21:00Z');
        $venus = new class () implements Body {
            public function place(Instant $instant): Equatorial
            {
                return new Equatorial(347.3193375, -6.719892);
            }
        };
        $seen = $washington->horizontal($venus, $instant);
        self::assertEqualsWithDelta([248.0337, 15.1249], [$seen->azimuth, $seen->altitude], 2e-4);
    }

    public function testExample16aRefractionAtTheHorizon(): void
    {
        // The air lifts an airless altitude of 33.246' by 24.618', to 57.864'.
        self::assertEqualsWithDelta(57.864 / 60, (new Horizontal(0, 33.246 / 60))->apparentAltitude(), 1e-4);
        self::assertEqualsWithDelta(0.0, (new Horizontal(0, 90))->apparentAltitude() - 90.0, 1e-4);
    }

    public function testParallaxLowersTheMoonByAlmostADegreeAtTheHorizonAndNotOverhead(): void
    {
        $instant = self::at('2027-03-23T02:00:00Z');
        $moon = (new Moon())->place($instant);
        $under = new Observer($moon->declination, Angles::half($moon->rightAscension - $instant->meanSiderealDegrees()));
        self::assertEqualsWithDelta(90.0, $under->horizontal(new Moon(), $instant)->altitude, 0.2);
        $beside = new Observer($under->latitude, Angles::half($under->longitude + 80));
        $geocentric = rad2deg(asin(sin(deg2rad($beside->latitude)) ** 2 + cos(deg2rad($beside->latitude)) ** 2 * cos(deg2rad(80))));
        self::assertEqualsWithDelta(0.93, $geocentric - $beside->horizontal(new Moon(), $instant)->altitude, 0.08);
    }

    /**
     * In the middle of a total eclipse the moon stands before the sun: totality as it was published and seen, place by place.
     */
    public function testTheMoonStandsBeforeTheSunInATotalEclipse(): void
    {
        $middles = [
            ['2024-04-08T18:09:35Z', 23.22, -106.42], ['2017-08-21T18:21:30Z', 37.70, -89.22], ['2026-08-12T18:27:30Z', 43.36, -5.85],
            ['1999-08-11T10:46:30Z', 47.23, 16.62],
        ];
        foreach ($middles as [$time, $latitude, $longitude]) {
            $observer = new Observer($latitude, $longitude);
            [$sun, $moon] = [$observer->horizontal(new Sun(), self::at($time)), $observer->horizontal(new Moon(), self::at($time))];
            self::assertEqualsWithDelta($sun->altitude, $moon->altitude, 0.02, $time);
            self::assertEqualsWithDelta(0.0, ($sun->azimuth - $moon->azimuth) * cos(deg2rad($sun->altitude)), 0.02, $time);
        }
    }

    public function testPlacesThatAreNotOnTheEarthAreRefused(): void
    {
        foreach ([[95.0, 0.0, 0.0, '/lat'], [0.0, 181.0, 0.0, '/lon'], [0.0, 0.0, 1e6, '/elevation'], [NAN, 0.0, 0.0, '/lat']] as [$latitude, $longitude, $elevation, $pointer]) {
            try {
                new Observer($latitude, $longitude, $elevation);
                self::fail($pointer);
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }
}
