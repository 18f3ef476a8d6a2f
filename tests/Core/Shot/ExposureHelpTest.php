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
        return array_column(ExposureHelp::told(Shot::of(Plans::with($changes))), 1, 0);
    }

    public function testWhatIsToldFollowsFromWhatIsKnown(): void
    {
        self::assertSame(['Blur share'], array_keys(self::told([])));
        $told = self::told(['/optics' => self::OPTICS, '/timing/exposure_s' => 2, '/timing/interval_s' => 8]);
        self::assertSame('25 % of the interval', $told['Blur share']);
        // 0.2 m/s for 2 s at 20 m: 35 mm · 0.02 = 0.7 mm of a sensor 36 mm wide, in a clip of 1920 pixels.
        self::assertSame('37.3 px, 1.9 % of the frame', $told['Subject smears']);
        self::assertArrayNotHasKey('On the dial', $told, 'a mark of 2 s is open 2 s');
        self::assertSame('a mark of 15 s is open 16 s', self::told(['/timing/exposure_s' => 15, '/timing/interval_s' => 30])['On the dial']);
        self::assertArrayNotHasKey('On the dial', self::told(['/timing/exposure_s' => 15, '/timing/interval_s' => 30, '/camera/marks_are_literal' => true]));
    }

    public function testTheFilterIsTheOneOfTheBagThatComesNearest(): void
    {
        $noon = static fn (array $light): string => self::told([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'], '/light' => $light + ['aperture' => 8], '/timing/exposure_s' => 1, '/timing/interval_s' => 8,
        ])['Filter'];
        self::assertMatchesRegularExpression('~^8\.\d stops \(density 2\.\d\)$~', $noon([]));
        self::assertMatchesRegularExpression('~; of yours 3 and 6~', $noon(['filters' => [3, 6, 10]]));
        self::assertStringContainsString('stacked, mind the corners', $noon(['filters' => [3, 6]]));
        self::assertSame('none needed', $noon(['aperture' => 128, 'iso' => 6]));
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
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), 1.2), '/share', 'below 100 %'],
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), NAN), '/share', 'below 100 %'],
            [static fn () => ExposureHelp::forBlurShare(Shot::on($schedule), 0.95), '/share', 'the interval leaves'],
            [static fn () => ExposureHelp::forSmear(Shot::on($schedule), '40'), '/pixels', 'how fast the subject moves'],
            [static fn () => ExposureHelp::forSmear(Shot::on($schedule), '-1'), '/pixels', 'how many pixels'],
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
