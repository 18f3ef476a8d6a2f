<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;
use Evrent\Core\Sky\Track;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What is read between nodes is what is there, from the poles to the equator, where the sun goes through the zenith.
 */
final class TrackTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float, float, int}> latitude, seconds from one moment to the next, first moment, how many
     */
    public static function shots(): iterable
    {
        foreach ([-89.9, -33.0, 0.0, 23.4, 51.85, 78.0] as $latitude) {
            yield "two hours at {$latitude}" => [$latitude, 6.0, 1_805_783_400.0, 1_200];
            yield "a day at {$latitude}" => [$latitude, 216.0, 1_813_100_000.0, 400];
            yield "a minute at {$latitude}" => [$latitude, 0.5, 1_805_800_000.0, 120];
            yield "one photo at {$latitude}" => [$latitude, 1.0, 1_805_800_000.0, 1];
        }
    }

    #[DataProvider('shots')]
    public function testATrackIsWhereTheTargetStands(float $latitude, float $every, float $first, int $count): void
    {
        $sky = new Sky(new Observer($latitude, 1.9, 4.0));
        $moments = array_map(static fn (int $n): float => $first + $n * $every, range(0, $count - 1));
        foreach (Target::cases() as $target) {
            $track = Track::of($sky, $target, $moments);
            self::assertCount($count, $track->azimuths);
            self::assertGreaterThanOrEqual(0.0, $track->azimuths[0]);
            self::assertLessThan(360.0, $track->azimuths[0]);
            foreach ($moments as $n => $moment) {
                $there = $sky->of($target, new Instant($moment));
                self::assertEqualsWithDelta($there->altitude, $track->altitudes[$n], 1e-5, "{$target->value} at {$n}");
                self::assertEqualsWithDelta(0.0, Angles::half($track->azimuths[$n] - $there->azimuth), 2e-5, "{$target->value} at {$n}");
            }
        }
    }
}
