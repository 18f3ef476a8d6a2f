<?php

declare(strict_types=1);

namespace Tests\Core\Light;

use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Cloud;
use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Illuminance;
use Evrent\Core\Light\Look;
use Evrent\Core\Light\SkyBrightness;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What photographers have known to come out right for a hundred years, held against what is worked out.
 */
final class PracticeTest extends TestCase
{
    /** A moonless night: the sun 50° down, the moon with it. */
    private const NIGHT = ['date' => '2027-04-07'];

    /**
     * @param array<string, mixed> $light
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed> changes to the plain plan
     */
    private static function day(float $seconds, array $light, array $more = []): array
    {
        return $more + ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:30'], '/timing/exposure_s' => $seconds, '/light' => $light];
    }

    /**
     * @param array<string, mixed> $light
     * @param array<string, mixed> $site
     *
     * @return array<string, mixed>
     */
    private static function night(float $seconds, array $light, array $site = []): array
    {
        return self::day($seconds, $light, [
            '/site' => $site + self::NIGHT + Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:30'], '/timing/interval_s' => 30,
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function stars(float $seconds, float $aperture, float $iso, float $mag = 21.6): array
    {
        return self::night($seconds, ['exposed_for' => 'sky', 'aperture' => $aperture, 'iso' => $iso], ['sky_mag' => $mag]);
    }

    /**
     * Site, start, light and exposure; how many stops too bright at most and at least, of every photo.
     *
     * @return iterable<string, array{array<string, mixed>, float, float}>
     */
    public static function settings(): iterable
    {
        // f/16 and the ISO number's fraction of a second, in full sun: at 12:30 it stands 38° high.
        yield 'sunny 16' => [self::day(0.01, ['aperture' => 16, 'iso' => 100]), -0.5, 1.0];
        yield 'a lit street' => [self::night(8.0, ['aperture' => 11, 'iso' => 100, 'lamps_lux' => 40]), -0.5, 0.5];
        yield 'what lamps light' => [self::night(8.0, ['aperture' => 11, 'iso' => 100, 'lamps_lux' => 40, 'exposed_for' => 'lamps']), -0.5, 0.5];
        // The moon is full on 22 January 2027, and at midnight stands near 60° high.
        yield 'moonlit land' => [self::day(4.0, ['aperture' => 2.8, 'iso' => 800], [
            '/site' => ['date' => '2027-01-22'] + Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:59'],
        ]), -0.7, 0.7];
        yield 'stars, f/2.8 20 s ISO 3200' => [self::stars(20.0, 2.8, 3200), -0.5, 0.5];
        yield 'stars, f/2 15 s ISO 2500' => [self::stars(15.0, 2.0, 2500), -0.5, 0.5];
        // 2.1 magnitudes are 2.79 stops; the night curve ends there at EV -6 and asks for no darker.
        yield 'the same by a suburb' => [self::stars(20.0, 2.8, 3200, 19.5), 2.4, 2.8];
        // Towards a sun on the horizon, a third over a stop under the meter.
        yield 'a sunset that holds its highlights' => [self::day(0.004, ['exposed_for' => 'sky', 'aperture' => 8, 'iso' => 100, 'bias_stops' => -1.3], [
            '/start' => ['event' => 'sunset'], '/rig/base' => ['zero_bearing_deg' => 272], '/timing/interval_s' => 3,
        ]), -0.9, 0.9];
        yield 'stars at f/8 ISO 100' => [self::stars(20.0, 8.0, 100), -9.0, -7.5];
        yield 'a second at noon' => [self::day(1.0, ['aperture' => 2.8, 'iso' => 100]), 11.0, 12.5];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('settings')]
    public function testKnownSettings(array $changes, float $least, float $most): void
    {
        $shot = Shot::of(Plans::with($changes + ['/timing/photos' => 10]));
        $light = $shot->light();
        self::assertNotNull($light);
        self::assertGreaterThanOrEqual($least, $light->darkest());
        self::assertLessThanOrEqual($most, $light->brightest());
        $report = Report::on($shot);
        $told = array_filter([$report->finding(FindingId::DaylightOverexposes), $report->finding(FindingId::LightRunsOut)]);
        self::assertSame(max(-$least, $most) > 1.0, $told !== [], 'within a stop it is clean, and what is wrong is told');
    }

    /** Ten minutes after sunset the sky on average is EV 8 to 9, and towards the glow EV 10 to 11. */
    public function testASkylineAtDusk(): void
    {
        $light = new Daylight(new Observer(52.2, 0.9), exposedFor: ExposedFor::Sky);
        $sun = new Horizontal(272.0, -2.4);
        $moon = new Horizontal(90.0, -20.0);
        $ev = static fn (?Look $look): float => $light->exposureValueUnder($sun, $moon, new Instant(1_806_000_000.0), $look);
        self::assertEqualsWithDelta(8.4, $ev(null), 0.05);
        self::assertEqualsWithDelta(10.4, $ev(new Look(272.0)), 0.05);
        self::assertEqualsWithDelta(10.4, $ev(new Look(317.0)), 0.05);
        self::assertEqualsWithDelta(9.4, $ev(new Look(204.5)), 0.05);
        self::assertEqualsWithDelta(8.4, $ev(new Look(182.0)), 0.05);
    }

    /** A sunset that holds its highlights: a third over a stop under the meter, along the whole ramp. */
    public function testABrightSunsetHeldBack(): void
    {
        $changes = [
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -600], '/timing/photos' => 10, '/rig/base' => ['zero_bearing_deg' => 270],
        ];
        $plain = Shot::of(Plans::with($changes + ['/light' => ['exposed_for' => 'sky']]))->light();
        $held = Shot::of(Plans::with($changes + ['/light' => ['exposed_for' => 'sky', 'bias_stops' => -1.3]]))->light();
        self::assertNotNull($plain);
        self::assertNotNull($held);
        self::assertSame($plain->exposureValues, $held->exposureValues);
        self::assertEqualsWithDelta($plain->errors[0] + 1.3, $held->errors[0], 1e-9);
        self::assertEqualsWithDelta(-1.3, $held->wanted()[0], 1e-9);
        self::assertEqualsWithDelta($plain->predicted()[0], $held->predicted()[0], 1e-9);
    }

    public function testASkyByNumbersThatArePublished(): void
    {
        // Stars alone: 5e-4 lux from a whole sky.
        self::assertEqualsWithDelta(22.1, SkyBrightness::magnitude(SkyBrightness::even(5e-4)), 0.05);
        self::assertEqualsWithDelta(8.4, SkyBrightness::exposureValue(SkyBrightness::even(Illuminance::ofSun(-2.4))), 0.05);
        self::assertEqualsWithDelta(15.5, SkyBrightness::exposureValue(SkyBrightness::even(18_000.0)), 0.05);
        self::assertEqualsWithDelta(21.6, SkyBrightness::magnitude(SkyBrightness::ofMagnitude(21.6)), 1e-9);
        foreach ([[-6.0, 1.0], [5.0, 0.5], [12.5, 0.375], [20.0, 0.25], [40.0, 0.2], [60.0, 0.15], [90.0, 0.15]] as [$height, $share]) {
            self::assertEqualsWithDelta($share, SkyBrightness::diffuseShare($height, Cloud::Clear), 1e-9);
        }
        self::assertSame(1.0, SkyBrightness::diffuseShare(45.0, Cloud::Dark));
    }

    /**
     * By hand from the paper's equations for a full moon at 60°, looking at 45°, 60° from it: I* = 10^(-0.4 · 3.84) = 0.02911;
     * f = 10^5.36 · (1.06 + 0.25) + 10^(6.15 - 1.5) = 344,763; X(30°) = 1.1471, X(45°) = 1.3868. So 0.02911 · 344,763 ·
     * 10^(-0.4 · 0.172 · 1.1471) · (1 - 10^(-0.4 · 0.172 · 1.3868)) = 1,653 nL = 5.26e-3 cd/m²: magnitude 18.28.
     */
    public function testTheFullMoonDrownsTheStars(): void
    {
        $full = SkyBrightness::ofMoon(0.0, 60.0, 45.0, 60.0);
        self::assertEqualsWithDelta(18.28, SkyBrightness::magnitude($full), 0.02);
        self::assertLessThan($full / 5.0, SkyBrightness::ofMoon(90.0, 60.0, 45.0, 60.0));
        self::assertSame(0.0, SkyBrightness::ofMoon(0.0, -1.0, 45.0, 60.0));
        self::assertGreaterThan($full, SkyBrightness::ofMoon(0.0, 60.0, 45.0, 8.0));
    }

    public function testLampsComeOnByTheClockByTheLightOrBurnAllTheTime(): void
    {
        $lux = static function (string $on, string $at): float {
            $shot = Shot::of(Plans::with([
                '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $at], '/timing/photos' => 10,
                '/light' => ['lamps_lux' => 160, 'lamps_on' => $on],
            ]));

            return 2.5 * 2.0 ** ($shot->light()->exposureValues[0] ?? 0.0);
        };
        // The sun sets at 18:12; some minutes later 300 lux are left, forty minutes later hardly any.
        [$before, $after] = ['18:20', '18:55'];
        self::assertEqualsWithDelta(160.0, $lux('always', $before) - $lux('19:00', $before), 1.0);
        self::assertEqualsWithDelta(0.0, $lux('dusk', $before) - $lux('19:00', $before), 1e-6);
        self::assertEqualsWithDelta(160.0, $lux('dusk', $after) - $lux('19:00', $after), 1.0);
        self::assertEqualsWithDelta(160.0, $lux('18:30', $after) - $lux('19:00', $after), 1.0);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badInput(): iterable
    {
        yield 'magnitude 40' => [['/site' => ['sky_mag' => 40] + Plans::SITE], '/site/sky_mag'];
        yield 'lamps of -3 lux' => [['/light' => ['lamps_lux' => -3]], '/light/lamps_lux'];
        yield 'twelve stops of bias' => [['/light' => ['bias_stops' => 12]], '/light/bias_stops'];
        yield 'lamps that are not there' => [['/light' => ['exposed_for' => 'lamps']], '/light/lamps_lux'];
        yield 'lamps on at tea time' => [['/light' => ['lamps_on' => 'tea time']], '/light/lamps_on'];
        yield 'exposed for luck' => [['/light' => ['exposed_for' => 'luck']], '/light/exposed_for'];
        yield 'a lens of f/0.1' => [['/light' => ['widest_aperture' => 0.1]], '/light/widest_aperture'];
        yield 'ISO 0 at most' => [['/light' => ['highest_iso' => 0]], '/light/highest_iso'];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('badInput')]
    public function testBadInputIsToldByItsField(array $changes, string $pointer): void
    {
        try {
            Plans::with($changes);
            self::fail('taken');
        } catch (InvalidInput $invalid) {
            self::assertSame([$pointer], array_column($invalid->problems, 'pointer'));
        }
    }
}
