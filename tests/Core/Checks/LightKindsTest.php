<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Plan\Source;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Where the light comes from, and what is found of an exposure in it: figures that add up.
 */
final class LightKindsTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    private static function shot(array $changes): Shot
    {
        return Shot::of(Plans::with($changes));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function closed(): iterable
    {
        foreach (['indoors', 'roof', 'lamps'] as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('closed')]
    public function testDaylightDoesNotEnterThere(string $kind): void
    {
        $light = ['kind' => $kind, 'aperture' => 4, 'iso' => 400];
        $unknown = self::shot(['/light' => $light, '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00']]);
        self::assertNull($unknown->light());
        self::assertContains(NotChecked::Light, Report::on($unknown)->verdict->notChecked);
        // 320 lux are EV log2(320 / 2.5) = 7; f/4 and 1/4 s at ISO 400 suit EV 4 + 2 − 2 = 4.
        foreach (['12:00', '00:00'] as $at) {
            $lit = self::shot(['/light' => $light + ['lamps_lux' => 320], '/timing/exposure_s' => 0.25, '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $at]]);
            self::assertEqualsWithDelta(7.0, $lit->light()->exposureValues[0] ?? 0.0, 0.01);
            $finding = Report::on($lit)->finding(FindingId::DaylightOverexposes);
            self::assertSame('checks.daylight_overexposes.shortfall(stops: 3 stop)', (string) $finding?->shortfall);
            self::assertStringNotContainsString('filter', (string) $finding?->sentence, 'nobody puts a filter on indoors');
        }
    }

    public function testAMeteredValueRulesWithoutPlaceOrStart(): void
    {
        $plan = new PinnedPlan(Plans::with(['/light' => ['kind' => 'indoors', 'aperture' => 2.8, 'iso' => 800, 'lamps_lux' => 640], '/timing/exposure_s' => 0.5]));
        $metered = $plan->named('metered', ['metered_s' => '0.5', 'metered_aperture' => '2.8', 'metered_iso' => '800', 'metered_at' => ''])->plan;
        $report = Report::on(Shot::of($metered));
        self::assertNull($report->finding(FindingId::DaylightOverexposes) ?? $report->finding(FindingId::LightRunsOut));
        self::assertSame([], array_intersect(
            array_column($report->verdict->notChecked, 'value'),
            [NotChecked::Site->value, NotChecked::Start->value, NotChecked::Light->value, NotChecked::Facing->value],
        ));
        self::assertSame(Source::Measured, $metered->provenance->of('/light/metered/exposure_s'));
    }

    /** EV 12.4 with 1/4 s, f/8 and ISO 100, which suit EV 8, is 4.4 stops over: the figures of the sentence add up, whatever is on the lens. */
    public function testWhatIsSaidOfAnExposureAddsUp(): void
    {
        foreach ([[[], 4.4], [['nd_stops' => 3], 1.4], [['bias_stops' => -1], 5.4], [['nd_stops' => 2, 'bias_stops' => 1], 1.4]] as [$light, $over]) {
            $finding = Report::on(self::shot([
                '/light' => $light + [
                    'kind' => 'roof', 'aperture' => 8, 'iso' => 100,
                    // 0.01183 s at f/8 and ISO 100 are EV 12.4.
                    'metered' => ['at' => '2027-03-23T12:00:00Z', 'exposure_s' => 64 / 2 ** 12.4, 'aperture' => 8, 'iso' => 100],
                ],
                '/timing/exposure_s' => 0.25,
            ]))->finding(FindingId::DaylightOverexposes);
            self::assertInstanceOf(Finding::class, $finding);
            self::assertSame("checks.daylight_overexposes.shortfall(stops: {$over} stop)", (string) $finding->shortfall);
            // The scene, what the exposure is for, and by how much it is over.
            self::assertSame(1, preg_match('~exposureValues: ([\d.]+), .*exposureValues: ([\d.]+)\).*, stops: ([\d.]+) stop, part~', (string) $finding->sentence, $said));
            $said += ['', '', '', ''];
            self::assertEqualsWithDelta((float) $said[3], (float) $said[1] - (float) $said[2], 0.11, (string) $finding->sentence);
        }
    }

    public function testNoShotIsBothTooDarkAndTooBright(): void
    {
        $report = Report::on(self::shot([
            '/light' => ['aperture' => 5.6, 'iso' => 200], '/timing/exposure_s' => 0.1, '/site' => Plans::SITE,
            '/start' => ['event' => 'sunset', 'offset_s' => -2400], '/timing/photos' => 900, '/timing/interval_s' => 8,
        ]));
        self::assertNull($report->finding(FindingId::DaylightOverexposes));
        $finding = $report->finding(FindingId::LightRunsOut);
        self::assertInstanceOf(Finding::class, $finding);
        self::assertSame(['checks.light_runs_out.changes', Severity::Error], [(string) $finding->title, $finding->severity]);
        self::assertMatchesRegularExpression('~^checks\.light_runs_out\.shortfall\(stops: [\d.]+ stop, part: checks\.light_runs_out\.over\(stops: [\d.]+ stop\)\)$~', (string) $finding->shortfall);
    }

    public function testWhereAnotherStartMendsItItIsOffered(): void
    {
        $report = Report::on(self::shot([
            '/light' => ['aperture' => 8, 'iso' => 100], '/timing/exposure_s' => 0.5, '/site' => Plans::SITE, '/timing/photos' => 60, '/timing/interval_s' => 3,
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/start' => ['event' => 'sunset', 'offset_s' => -3600],
        ]));
        $later = $report->finding(FindingId::DaylightOverexposes)?->remedy('start');
        self::assertNotNull($later);
        self::assertNull(Report::on(Shot::of($later->mended))->finding(FindingId::DaylightOverexposes));
    }
}
