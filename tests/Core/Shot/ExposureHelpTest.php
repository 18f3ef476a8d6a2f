<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Optics\Picture;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

final class ExposureHelpTest extends TestCase
{
    private const OPTICS = Plans::OPTICS + ['focal_mm' => 35, 'subject_speed_m_s' => 0.2];

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, string>
     */
    private static function told(array $changes): array
    {
        return Said::pairs(ExposureHelp::told(Shot::of(Plans::with($changes))));
    }

    public function testWhatIsToldFollowsFromWhatIsKnown(): void
    {
        self::assertSame(['shot.exposure_help.blur'], array_keys(self::told([])));
        $told = self::told(['/optics' => self::OPTICS, '/timing/exposure_s' => 2, '/timing/interval_s' => 8]);
        self::assertSame('shot.exposure_help.of_interval(range: 25)', $told['shot.exposure_help.blur']);
        // 0.2 m/s for 2 s at 20 m: 35 mm · 0.02 = 0.7 mm of a sensor 36 mm wide, in a clip of 1920 pixels.
        self::assertSame('shot.exposure_help.smears(pixels: 37.3, percent: 1.9)', $told['shot.exposure_help.smear']);
        self::assertArrayNotHasKey('shot.exposure_help.dial', $told, 'a mark of 2 s is open 2 s');
        self::assertSame('shot.exposure_help.mark(mark: 15, seconds: 16)', self::told(['/timing/exposure_s' => 15, '/timing/interval_s' => 30])['shot.exposure_help.dial']);
        self::assertArrayNotHasKey('shot.exposure_help.dial', self::told(['/timing/exposure_s' => 15, '/timing/interval_s' => 30, '/camera/marks_are_literal' => true]));
    }

    public function testTheFilterIsTheOneOfTheBagThatComesNearest(): void
    {
        $noon = static fn (array $light): string => self::told([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'], '/light' => $light + ['aperture' => 8], '/timing/exposure_s' => 1, '/timing/interval_s' => 8,
        ])['shot.exposure_help.filter'];
        self::assertMatchesRegularExpression('~density\(stops: 8\.\d+ stop, density: 2\.\d\)$~', $noon([]));
        self::assertMatchesRegularExpression('~of_yours\(filters: \[3, 6\]\)~', $noon(['filters' => [3, 6, 10]]));
        self::assertStringContainsString('shot.exposure_help.stacked', $noon(['filters' => [3, 6]]));
        self::assertSame('shot.exposure_help.no_filter', $noon(['aperture' => 128, 'iso' => 6]));
    }

    /**
     * @return iterable<string, array{float}>
     */
    public static function shares(): iterable
    {
        foreach ([0.1, 0.25, 0.5, 0.6] as $share) {
            yield "{$share}" => [$share];
        }
    }

    #[DataProvider('shares')]
    public function testTheExposureForABlurGivesThatBlur(float $share): void
    {
        foreach (['start_to_start', 'gap'] as $means) {
            $schedule = Schedule::of(Plans::with(['/timing/interval_s' => 12, '/timing/interval_means' => $means]));
            $blurred = Schedule::of(ExposureHelp::forBlurShare(Shot::on($schedule), $share));
            self::assertEqualsWithDelta($share, $blurred->exposureSeconds[0] / $blurred->intervalSeconds[0], 0.02, $means);
        }
        $schedule = Schedule::of(Plans::with(['/optics' => self::OPTICS, '/timing/interval_s' => 30]));
        $plan = ExposureHelp::forSmear(Shot::on($schedule), (string) (100.0 * $share));
        self::assertNotNull($plan->optics);
        self::assertEqualsWithDelta(100.0 * $share, (new Picture($plan->optics))->subjectTravel($plan->timing->exposure->longest()), 0.5);
    }

    /** A longer exposure takes a filter with it, so that the picture is as bright as it was. */
    public function testTheFilterGoesWithTheBlur(): void
    {
        $plan = Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'], '/light' => ['aperture' => 11], '/timing/exposure_s' => 0.01, '/timing/interval_s' => 10,
        ]);
        $before = ShotLight::of(Shot::of($plan));
        $after = ShotLight::of(Shot::of(ExposureHelp::forBlurShare(Shot::of($plan), 0.5)));
        self::assertNotNull($before);
        self::assertNotNull($after);
        self::assertGreaterThan(8.0, $after->light->ndStops);
        self::assertEqualsWithDelta($before->errors[0], $after->errors[0], 0.51);
    }

    public function testWhatCannotBeIsSaidByTheField(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/interval_s' => 5]));
        $cases = [
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), 1.2), '/share', 'shot.exposure_help.enter_share'],
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), NAN), '/share', 'shot.exposure_help.enter_share'],
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), 0.95), '/share', 'shot.exposure_help.too_long(seconds: 4.75, room: 3.361)'],
            [static fn () => ExposureHelp::forSmear(Shot::on($schedule), '40'), '/pixels', 'shot.exposure_help.no_speed'],
            [static fn () => ExposureHelp::forSmear(Shot::on($schedule), '-1'), '/pixels', 'shot.exposure_help.enter_smear'],
        ];
        foreach ($cases as [$ask, $pointer, $says]) {
            try {
                $ask();
                self::fail("{$pointer}: {$says}");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
                self::assertStringContainsString($says, (string) $invalid->problems[0]->message);
            }
        }
    }
}
