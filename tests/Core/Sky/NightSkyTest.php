<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use Evrent\Core\Shot\NightOfShot;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\BrightStars;
use Evrent\Core\Sky\Equatorial;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\NightSky;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Star;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Stars, the band of the Milky Way and the moon's phase as the finder draws them.
 */
final class NightSkyTest extends TestCase
{
    /** The galaxy's middle, its pole and its anticentre: Binney and Merrifield, Galactic Astronomy, 2.1.2; the middle by the catalogue of radio sources. */
    public function testGalacticPlacesAreWhereTheCatalogueHasThem(): void
    {
        foreach ([[0.0, 0.0, 266.405, -28.936], [0.0, 90.0, 192.859, 27.128], [180.0, 0.0, 86.405, 28.936], [122.93192, 27.12825, 0.0, 90.0]] as [$l, $b, $ra, $dec]) {
            $place = NightSky::galactic($l, $b)->precessed(0.0);
            self::assertLessThan(0.002, $place->separation(new Equatorial($ra, $dec)), "longitude {$l}, latitude {$b}");
        }
    }

    public function testThePoleStarStandsOverNorthAsHighAsTheLatitude(): void
    {
        [$yaw, $pitch, $magnitude] = $this->named(1.98, 89.27, $this->night(52.2, 90.0));

        // Facing east, north is to the left.
        self::assertEqualsWithDelta(-90.0, $yaw, 1.2);
        self::assertEqualsWithDelta(52.2, $pitch, 0.8);
        self::assertSame(1.98, $magnitude);
    }

    public function testStarsAreWhereTheyAreKnownToBeApartFromEachOther(): void
    {
        $of = static function (float $magnitude, float $declination): Equatorial {
            foreach (BrightStars::ALL as [$ra, $dec, $is]) {
                if ($is === $magnitude && abs($dec - $declination) < 0.2) {
                    return new Equatorial($ra, $dec);
                }
            }
            self::fail("no star of {$magnitude} at {$declination}");
        };
        // The pointers of the Plough; Castor and Pollux; Betelgeuse and Rigel; the two of the southern pointers.
        self::assertEqualsWithDelta(5.37, $of(1.79, 61.75)->separation($of(2.37, 56.38)), 0.03);
        self::assertEqualsWithDelta(4.51, $of(1.58, 31.88)->separation($of(1.14, 28.03)), 0.03);
        self::assertEqualsWithDelta(18.6, $of(0.5, 7.4)->separation($of(0.13, -8.2)), 0.05);
        self::assertEqualsWithDelta(4.41, $of(-0.27, -60.83)->separation($of(0.61, -60.37)), 0.05);
        self::assertGreaterThan(140, count(BrightStars::ALL));
        foreach (BrightStars::ALL as $n => [$ra, $dec]) {
            foreach (array_slice(BrightStars::ALL, $n + 1) as [$other, $otherDec]) {
                self::assertGreaterThan(0.4, (new Equatorial($ra, $dec))->separation(new Equatorial($other, $otherDec)), "star {$n} is there twice");
            }
        }
    }

    public function testTheSkyTurnsAboutItsPoleFromTheFirstPhotoOn(): void
    {
        $hours = 3.0;
        [$before, $after] = [$this->night(-33.5, 200.0)->drawn(), $this->night(-33.5, 200.0, $hours * 3_600.0)->drawn()];
        $axis = self::direction(...$before['pole']);
        $turn = deg2rad($before['turn_deg_per_s'] * $hours * 3_600.0);
        foreach ($before['stars'] as $n => [$yaw, $pitch]) {
            $v = self::direction($yaw, $pitch);
            $along = ($v[0] * $axis[0] + $v[1] * $axis[1] + $v[2] * $axis[2]) * (1.0 - cos($turn));
            $across = [$axis[1] * $v[2] - $axis[2] * $v[1], $axis[2] * $v[0] - $axis[0] * $v[2], $axis[0] * $v[1] - $axis[1] * $v[0]];
            foreach (self::direction($after['stars'][$n][0], $after['stars'][$n][1]) as $k => $is) {
                self::assertEqualsWithDelta($is, $v[$k] * cos($turn) + $across[$k] * sin($turn) + $axis[$k] * $along, 4e-4, "star {$n}");
            }
        }
    }

    public function testTheMoonIsLitTowardTheSun(): void
    {
        // Two days after the new moon of 8 March 2027 at half past nine, at dusk: a thin crescent, lit from below where the sun went down.
        $dusk = new Instant((new DateTimeImmutable('2027-03-10 18:30Z'))->getTimestamp());
        $moon = (new NightSky(new Observer(52.2, 0.9), $dusk, $dusk, 270.0))->drawn()['moon'];

        self::assertEqualsWithDelta(0.07, $moon['lit'], 0.04);
        self::assertGreaterThan(120.0, abs($moon['limb_deg']), 'down, toward the sun');
    }

    public function testThereIsANightOnlyInTheDarkAndWhereItIsKnownWhereTheCameraLooks(): void
    {
        $with = static function (array $changes): ?NightSky {
            /** @var array<string, mixed> $changes */
            return NightOfShot::of(Shot::of(Plans::with(['/site' => Plans::SITE, ...$changes])));
        };
        $facing = ['/rig/base' => ['zero_bearing_deg' => 200]];

        self::assertNotNull($with(['/start' => ['event' => 'clock', 'at' => '22:00'], ...$facing]));
        self::assertNull($with(['/start' => ['event' => 'clock', 'at' => '12:00'], ...$facing]), 'by day');
        self::assertNull($with($facing), 'at no time');
        $key = static fn (string $at, int $bearing): ?string => NightOfShot::key(Shot::of(Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $at], '/rig/base' => ['zero_bearing_deg' => $bearing],
        ])));
        self::assertSame($key('22:00', 200), $key('22:00', 200));
        self::assertNotSame($key('22:00', 200), $key('22:00', 201));
        self::assertNotSame($key('22:00', 200), $key('22:10', 200));
        self::assertNull($key('12:00', 200));
    }

    private function night(float $latitude, float $facing, float $later = 0.0): NightSky
    {
        $instant = new Instant((new DateTimeImmutable('2027-03-23 22:00Z'))->getTimestamp() + $later);

        return new NightSky(new Observer($latitude, 0.9), $instant, $instant, $facing);
    }

    /** @return array{float, float, float} */
    private function named(float $magnitude, float $declination, NightSky $night): array
    {
        foreach (BrightStars::ALL as $n => [, $dec, $is]) {
            if ($is === $magnitude && abs($dec - $declination) < 0.1) {
                return $night->drawn()['stars'][$n];
            }
        }
        self::fail('there is no such star');
    }

    /** @return array{float, float, float} */
    private static function direction(float $yaw, float $pitch): array
    {
        return [sin(deg2rad($yaw)) * cos(deg2rad($pitch)), sin(deg2rad($pitch)), cos(deg2rad($yaw)) * cos(deg2rad($pitch))];
    }
}
