<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Editing\Picking;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Core\Plans;

final class PlanProvenanceTest extends TestCase
{
    public function testWhatAFileSaysWasTypedAndWhatItLeavesOutIsAssumed(): void
    {
        $plan = Plans::with(['/optics' => self::optics()]);
        self::assertSame(Source::Typed, $plan->provenance->of('/timing/interval_s'));
        self::assertSame(Source::Typed, $plan->provenance->of('/optics/focal_mm'));
        self::assertSame(Source::Default, $plan->provenance->of('/optics/subject_speed_m_s'));
        self::assertSame(Source::Default, $plan->provenance->of('/rig/base/zero_bearing_deg'));
        self::assertSame(Source::Default, $plan->provenance->of('/thresholds/clip_s'));
        $zero = Plans::with(['/rig/base' => ['zero_bearing_deg' => 0]]);
        self::assertSame([Source::Typed, Source::Default], [
            $zero->provenance->of('/rig/base/zero_bearing_deg'), $zero->provenance->of('/rig/base/toward_deg'),
        ]);
    }

    public function testWhatWasKeptBeforeThereWereSourcesIsAssumedWhereItIsTheDefault(): void
    {
        $old = PlanWriter::toDocument(Plans::with(['/rig/settle_s' => 0, '/rig/base' => ['zero_bearing_deg' => 90]]));
        $kept = PlanReader::kept(json_encode($old, JSON_THROW_ON_ERROR));
        self::assertSame(Source::Default, $kept->provenance->of('/rig/settle_s'));
        self::assertSame(Source::Default, $kept->provenance->of('/rig/base/toward_deg'));
        self::assertSame(Source::Typed, $kept->provenance->of('/rig/base/zero_bearing_deg'));
        self::assertSame(Source::Typed, $kept->provenance->of('/timing/interval_s'));
        // The same as a file that somebody wrote.
        self::assertSame(Source::Typed, PlanReader::fromJson(json_encode($old, JSON_THROW_ON_ERROR))->provenance->of('/rig/settle_s'));
    }

    public function testSourcesAreKeptByWritingAndReading(): void
    {
        $plan = PlanProvenance::assumed(Plans::with(['/optics' => self::optics()]));
        $plan = PlanProvenance::confirmed($plan, ['/optics/focal_mm', '/rig/axes'], Source::Kit);
        $plan = PlanProvenance::confirmed($plan, ['/rig/base/zero_bearing_deg'], Source::Measured);
        $again = PlanReader::fromJson(PlanWriter::toJson($plan));
        foreach (array_keys(PlanProvenance::values($plan)) as $pointer) {
            self::assertSame($plan->provenance->of($pointer), $again->provenance->of($pointer), $pointer);
        }
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson($again));
        self::assertSame(Source::Kit, $again->provenance->of('/rig/axes/0/max_speed'));
        self::assertSame(Source::Default, $again->provenance->of('/rig/base/toward_deg'));
    }

    public function testTypingMakesTypedOfWhatIsTypedAlone(): void
    {
        $pinned = new PinnedPlan(PlanProvenance::assumed(Plans::with([])));
        $typed = $pinned->typed(['timing' => ['interval_s' => '9']], [])->plan;
        self::assertSame([Source::Typed, Source::Default, Source::Default], [
            $typed->provenance->of('/timing/interval_s'), $typed->provenance->of('/timing/photos'), $typed->provenance->of('/rig/settle_s'),
        ]);
        $counted = $pinned->typed([], ['photos' => '240'])->plan;
        self::assertSame(Source::Typed, $counted->provenance->of('/timing/photos'), 'typed as it stood');
    }

    public function testAPartPutInIsAssumedUntilItIsTyped(): void
    {
        $pinned = new PinnedPlan(Plans::with([]));
        foreach (
            ['/power/camera/battery_wh' => ['part-in', ['part' => 'power-camera']], '/optics/focal_mm' => ['optics-in', []],
            '/light/iso' => ['part-in', ['part' => 'light']]] as $pointer => [$edit, $with]
        ) {
            self::assertSame(Source::Default, $pinned->named($edit, $with)->plan->provenance->of($pointer), $pointer);
        }
        $light = $pinned->named('part-in', ['part' => 'light', 'widest_aperture' => '1.8'])->plan;
        self::assertSame([Source::Kit, Source::Default], [$light->provenance->of('/light/widest_aperture'), $light->provenance->of('/light/aperture')]);
        self::assertSame(Source::Measured, $pinned->named('compass', ['compass' => '0'])->plan->provenance->of('/rig/base/zero_bearing_deg'));
    }

    public function testKitGivesWhatItKnowsAndNoMore(): void
    {
        $body = new KitItem(KitKind::Body, 'Body', [
            'sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6000.0, 'image_height_px' => 4000.0, 'write_s' => 0.4, 'battery_wh' => 14.0,
        ]);
        $picked = Picking::pick(Plans::with([]), $body);
        foreach (['/optics/sensor_width_mm', '/camera/write_s', '/power/camera/battery_wh'] as $known) {
            self::assertSame(Source::Kit, $picked->provenance->of($known), $known);
        }
        foreach (['/optics/focal_mm', '/optics/foreground_m', '/power/camera/idle_w'] as $assumed) {
            self::assertSame(Source::Default, $picked->provenance->of($assumed), $assumed);
        }
        self::assertSame(Source::Typed, $picked->provenance->of('/timing/interval_s'));
    }

    /** What a preset assumes is not known because it comes from a preset. */
    public function testAPresetPassesOnWhatItAssumed(): void
    {
        $from = PlanProvenance::confirmed(
            PlanProvenance::assumed(Plans::with(['/optics' => self::optics(['foreground_m' => 2]), '/timing/interval_s' => 12])),
            ['/timing/interval_s'],
            Source::Typed,
        );
        $to = Plans::with(['/optics' => self::optics(['foreground_m' => 3])]);
        $became = (new PinnedPlan($to))->became($to->withOptics($from->optics)->withTiming($from->timing), 'test', Source::Preset, $from->provenance)->plan;
        self::assertSame([Source::Preset, Source::Default, Source::Typed], [
            $became->provenance->of('/timing/interval_s'), $became->provenance->of('/optics/foreground_m'), $became->provenance->of('/optics/focal_mm'),
        ]);
    }

    public function testWhatIsNoSourceOrNoValueIsRefusedByName(): void
    {
        foreach (
            [
            '/provenance/~1timing~1interval_s' => ['/timing/interval_s' => 'guessed'], '/provenance/~1timing~1speed' => ['/timing/speed' => 'typed'],
            '/provenance/timing' => ['timing' => 'typed'], '/provenance' => 'all of it',
            ] as $pointer => $given
        ) {
            $document = json_decode(Plans::json([]), false, 32, JSON_THROW_ON_ERROR);
            self::assertInstanceOf(stdClass::class, $document);
            $document->provenance = is_array($given) ? (object) $given : $given;
            try {
                PlanReader::fromDocument($document);
                self::fail("{$pointer} was taken.");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }

    /**
     * @param array<string, float|int> $changes
     *
     * @return array<string, float|int>
     */
    private static function optics(array $changes = []): array
    {
        return $changes + [
            'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'image_width_px' => 6000, 'image_height_px' => 4000, 'focal_mm' => 24,
            'output_width_px' => 3840, 'output_height_px' => 2160, 'foreground_m' => 2, 'subject_m' => 40, 'background_m' => 2000,
        ];
    }
}
