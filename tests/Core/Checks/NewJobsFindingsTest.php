<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TriggeredBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * F3, F5 and F6: the aperture at its end, nobody at the dial, the lead that does not fit.
 */
final class NewJobsFindingsTest extends TestCase
{
    /** From half an hour before sunset to an hour and a half after it. */
    private const DUSK = [
        '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -1800], '/timing/photos' => 600, '/timing/interval_s' => 12,
        '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
    ];
    private const KEYS = [['at' => 0, 'exposure_s' => 0.05], ['at' => 1, 'exposure_s' => 3.2]];

    public function testByShutterPriorityTheLensEndsAtItsWidest(): void
    {
        $plan = self::dusk(['control' => 'shutter_priority', 'aperture' => 8, 'widest_aperture' => 2.8, 'bias' => []]);
        $light = Shot::of($plan)->light();
        self::assertNotNull($light);
        // The lens follows the light until it is wide open; until then every photo is right, and after it each is darker.
        self::assertSame(2.8, min([22.0, ...$light->apertures]));
        foreach ($light->apertures as $n => $aperture) {
            $isOpen = $aperture <= 2.8;
            self::assertEqualsWithDelta(0.0, $light->errors[$n] - $light->missed[$n], 1e-9);
            self::assertTrue($isOpen || abs($light->errors[$n]) < 1e-9 || $aperture === 22.0);
        }
        $finding = self::found($plan, FindingId::ApertureAtItsEnd);
        self::assertNotNull($finding);
        self::assertSame('checks.aperture_at_its_end.wide_open', (string) $finding->title);
        self::assertStringContainsString('.under(', (string) $finding->shortfall);
        self::assertSame('2.8', (string) $light->apertures[(int) $finding->firstPhoto - 1]);
        self::assertLessThan(-1.0 / 3.0, $light->missed[(int) $finding->firstPhoto - 1]);
        self::assertGreaterThanOrEqual(-1.0 / 3.0, $light->missed[(int) $finding->firstPhoto - 2]);
        foreach ($finding->remedies() as $remedy) {
            self::assertNull(self::found($remedy->mended, FindingId::ApertureAtItsEnd), (string) $remedy->label);
        }
    }

    public function testByDayTheLensEndsClosedAndAFilterHelps(): void
    {
        $noon = ['/start' => ['event' => 'clock', 'at' => '12:00'], '/timing/photos' => 60];
        $plan = self::dusk(['control' => 'shutter_priority', 'aperture' => 8, 'narrowest_aperture' => 22, 'filters' => [3, 6, 10], 'bias' => []], $noon);
        $finding = self::found($plan, FindingId::ApertureAtItsEnd);
        self::assertNotNull($finding);
        self::assertSame('checks.aperture_at_its_end.closed', (string) $finding->title);
        $remedies = array_column($finding->remedies(), null, 'key');
        self::assertArrayHasKey('nd', $remedies);
        self::assertNull(self::found($remedies['nd']->mended, FindingId::ApertureAtItsEnd));
    }

    public function testByThePlanTheLensStaysWhereItIs(): void
    {
        $light = Shot::of(self::dusk(['aperture' => 8]))->light();
        self::assertSame([8.0, 8.0], [min([99.0, ...$light->apertures ?? []]), max([0.0, ...$light->apertures ?? []])]);
        self::assertNull(self::found(self::dusk(['aperture' => 8]), FindingId::ApertureAtItsEnd));
    }

    /** 1/20 s to 3.2 s are 64 times, six stops: 18 clicks of a third. */
    public function testNobodyTurnsTheDial(): void
    {
        $alone = self::dusk(['attended' => false], ['/timing/exposure_s' => self::KEYS, '/camera/exposure_timed_by' => 'camera']);
        $finding = self::found($alone, FindingId::NobodyAtTheDial);
        self::assertNotNull($finding);
        self::assertSame([FindingId::NobodyAtTheDial, Severity::Error, '18 click'], [$finding->id, $finding->severity, (string) $finding->shortfall]);
        foreach ($finding->remedies() as $remedy) {
            self::assertNull(self::found($remedy->mended, FindingId::NobodyAtTheDial), (string) $remedy->label);
        }
        self::assertNotSame([], $finding->remedies());
    }

    public function testSomebodyTurnsItOrNothingHasToBeTurned(): void
    {
        $keys = ['/timing/exposure_s' => self::KEYS];
        self::assertNull(self::found(self::dusk(['attended' => true], $keys + ['/camera/exposure_timed_by' => 'camera']), FindingId::NobodyAtTheDial));
        self::assertNull(self::found(self::dusk(['attended' => false], $keys + ['/camera/exposure_timed_by' => 'controller']), FindingId::NobodyAtTheDial));
        self::assertNull(self::found(self::dusk(['attended' => false]), FindingId::NobodyAtTheDial));
        self::assertNotNull(self::found(self::dusk([], $keys + ['/camera/exposure_timed_by' => 'camera']), FindingId::ExposureNotAsPlanned));
    }

    /** Over 30 photos there is room for six clicks, two stops of six: four behind. */
    public function testAHandThatCannotKeepUpIsTold(): void
    {
        $fast = self::dusk(
            ['attended' => true],
            ['/timing/exposure_s' => self::KEYS, '/timing/photos' => 30, '/camera/exposure_timed_by' => 'camera'],
        );
        $finding = self::found($fast, FindingId::NobodyAtTheDial);
        self::assertSame(['checks.nobody_at_the_dial.too_fast', Severity::Warning], [(string) $finding?->title, $finding?->severity]);
    }

    /**
     * @param array<string, mixed> $lead
     */
    #[DataProvider('leads')]
    public function testALeadThatIsNoneOrWrongIsFoundAndMended(array $lead, ?string $title): void
    {
        $plan = Plans::with(['/lead' => $lead, '/camera/exposure_timed_by' => 'controller', '/timing/exposure_s' => 1]);
        $finding = self::found($plan, FindingId::CableMissing);
        self::assertSame((string) $title, (string) $finding?->title);
        foreach ($finding?->remedies() ?? [] as $remedy) {
            self::assertNull(self::found($remedy->mended, FindingId::CableMissing));
            self::assertNotNull($remedy->mended->lead->name);
        }
        self::assertNull(self::found($plan->withTrigger($plan->trigger->by(TriggeredBy::CameraTimer)), FindingId::CableMissing));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, ?string}>
     */
    public static function leads(): iterable
    {
        $ends = ['rig_gives' => 'jack_2_5', 'body_takes' => 'round_pins'];
        yield 'nothing said' => [['half_press' => true], null];
        yield 'one end alone' => [['rig_gives' => 'jack_2_5'], null];
        yield 'none' => [$ends, 'checks.lead_missing.missing'];
        yield 'one that fits' => [$ends + ['name' => 'Curly lead', 'rig_end' => 'jack_2_5', 'body_end' => 'round_pins'], null];
        yield 'wrong at the rig' => [$ends + ['name' => 'Curly lead', 'rig_end' => 'jack_3_5', 'body_end' => 'round_pins'], 'checks.lead_missing.rig'];
        yield 'wrong at the body' => [$ends + ['name' => 'Curly lead', 'rig_end' => 'jack_2_5', 'body_end' => 'usb_c'], 'checks.lead_missing.camera'];
        yield 'no bulb' => [$ends + ['name' => 'Curly lead', 'holds_bulb' => false], 'checks.lead_missing.no_bulb'];
    }

    /**
     * @param array<string, mixed> $light
     * @param array<string, mixed> $changes
     */
    private static function dusk(array $light, array $changes = []): Plan
    {
        return Plans::with(array_replace(self::DUSK, ['/light' => $light + ['iso' => 100]], $changes));
    }

    private static function found(Plan $plan, FindingId $id): ?Finding
    {
        return Report::on(Shot::of($plan))->finding($id);
    }
}
