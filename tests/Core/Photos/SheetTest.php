<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Drawings\BrightnessOfPhotos;
use Evrent\Core\Drawings\SheetLanes;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\OwnTimer;
use Evrent\Core\Photos\Seen;
use Evrent\Core\Photos\Sheet;
use Evrent\Core\Photos\ShotAgain;
use Evrent\Core\Photos\Stretch;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Instant;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * What is drawn and said of all photos together: the stairs, the lanes, the longest clean stretch, when the light is the same again.
 */
final class SheetTest extends TestCase
{
    public function testPhotosStandOnTheStairsOfWhatMoves(): void
    {
        $card = new CardMaker(self::plan(), 3, missing: [7], testsBefore: [40.0], doubled: [30]);
        $sheet = self::seen($card)->sheet;
        self::assertCount(100, $sheet->up);
        self::assertSame([0.0, 1.0], [$sheet->up[0], $sheet->up[99]]);
        $sorted = $sheet->up;
        sort($sorted);
        self::assertSame($sorted, $sheet->up);
        self::assertNull($sheet->open[6]);
        self::assertEqualsWithDelta(-1.0, $sheet->open[5], 0.01);
        self::assertSame([0, 30], array_keys($sheet->extras));
        self::assertEquals($sheet, Sheet::fromJson($sheet->toJson()));
        self::assertEquals($sheet, Sheet::fromJson(str_replace('"predicted":', '"foretold":', $sheet->toJson())), 'as an earlier version kept it');
        self::assertSame([7], $sheet->spoilt);
    }

    /** Parts are as high as each other, and a line goes over from one to the next. */
    public function testLanesLieSideBySide(): void
    {
        $sheet = self::seen(new CardMaker(self::plan(), 3))->sheet;
        $parts = array_map(static fn (int $from): SheetLanes => SheetLanes::of($sheet, $from), [1, 41, 81]);
        self::assertSame([[1, 40], [41, 40], [81, 20]], array_map(static fn (SheetLanes $part): array => [$part->from, $part->count], $parts));
        self::assertEquals(SheetLanes::of($sheet, 41), SheetLanes::of($sheet, 80));
        preg_match('/L([\d.]+) ([\d.]+)$/', $parts[0]->bright, $out);
        preg_match('/^M-5 [\d.]+L5 ([\d.]+)/', $parts[1]->bright, $in);
        self::assertSame(['405', $in[1] ?? ''], [$out[1] ?? '', $out[2] ?? null]);
        self::assertArrayHasKey('photos.lanes.flicker', Said::pairs(SheetLanes::told($sheet)));
        self::assertSame(['photos.lanes.exposure'], array_keys(Said::pairs(SheetLanes::told(self::seen(new CardMaker(self::plan(), 3), false)->sheet))));
    }

    public function testTheMapShowsGapsAndWhatIsSpoilt(): void
    {
        $sheet = self::seen(new CardMaker(self::plan(), 3))->sheet;
        $map = BrightnessOfPhotos::of($sheet, [50], [11, 12, 13], [90]);
        self::assertSame([[100.0, 30.0]], $map->gaps);
        self::assertSame([[890.0, 10.0]], $map->spoilt);
        self::assertSame([495.0], $map->marks);
        self::assertStringStartsWith('M5.0 ', $map->measured);
    }

    public function testTheLongestStretchHasNothingSpoiltInIt(): void
    {
        self::assertSame([1, 100], Stretch::longest(100, []));
        self::assertSame([42, 100], Stretch::longest(100, [10, 41]));
        self::assertSame([11, 40], Stretch::longest(60, [41, 10]));
        self::assertNull(Stretch::longest(2, [1, 2]));
    }

    /** The shot is due at 17:50 on 23 March. That noon it still can be taken as planned; that night it is too late, and the next evening it is lighter for longer. */
    public function testTheSameLightComesAgain(): void
    {
        $shot = Shot::of(self::plan());
        $due = $shot->plan->firstTrigger();
        assert($due !== null);
        [$today] = ShotAgain::of($shot, [1, 2, 3], $due->plusSeconds(-6.0 * 3_600.0));
        self::assertTrue($today->isToday);
        self::assertEqualsWithDelta($due->unixSeconds, $today->from->unixSeconds ?? NAN, 1.0);
        self::assertEqualsWithDelta(10.0, ($today->until->unixSeconds ?? NAN) - ($today->from->unixSeconds ?? NAN), 0.1);
        $spans = ShotAgain::of($shot, [50, 3, 2, 1], $due->plusSeconds(2.0 * 3_600.0));
        self::assertSame([[1, 3], [50, 50]], array_map(static fn (ShotAgain $span): array => [$span->first, $span->last], $spans));
        self::assertFalse($spans[0]->isToday);
        // In spring the sun comes as low a minute and three quarters later each day.
        self::assertEqualsWithDelta(86_400.0 + 105.0, ($spans[0]->from->unixSeconds ?? NAN) - $due->unixSeconds, 20.0);
        self::assertNull(ShotAgain::of(Shot::of(Plans::with([])), [1], new Instant(0.0))[0]->from);
    }

    /** Two files lost their end on the way; and the ramp of a dusk came out two stops too bright in its last third. */
    public function testTornFilesAndARampThatWentAstrayAreTold(): void
    {
        $plan = self::plan([
            '/start' => ['event' => 'clock', 'at' => '18:20'], '/timing/photos' => 400, '/light' => ['control' => 'manual', 'aperture' => 5.6, 'iso' => 100],
        ]);
        $shot = Shot::of($plan);
        $predicted = $shot->light()?->predicted() ?? [];
        self::assertCount(400, $predicted);
        $card = new CardMaker($plan, 3);
        $lumas = static fn (float $more): array => array_combine(
            array_map(strval(...), $card->truth),
            array_map(static fn (int $number): float => 0.05 * 2.0 ** ($predicted[$number - 1] - $predicted[0] + ($number > 266 ? $more : 0.0)), range(1, 400)),
        );
        $files = array_values($card->truth);
        $even = Seen::of($shot, self::matching($card), array_map(strval(...), $files), $lumas(0.0), [], [$files[8] => true, $files[9] => true]);
        self::assertSame(['torn' => [[9, 10]]], array_map(static fn (Finding $found): array => $found->spans, $even->findings));
        self::assertSame([9, 10], $even->spoilt);
        $astray = Seen::of($shot, self::matching($card), array_map(strval(...), $files), $lumas(2.0), [])->findings;
        self::assertSame(['astray'], array_keys($astray));
        self::assertStringContainsString('photos.found.brighter(stops: 2', (string) $astray['astray']->sentence);
        self::assertEqualsWithDelta(267.0, (float) $astray['astray']->firstPhoto, 8.0);
    }

    /** A camera on its own timer that goes slow by 300 in a million: in three hours it strays by three seconds, and the rig moves meanwhile. */
    public function testATimerThatStrayedIsToldFromItsPhotos(): void
    {
        $changes = ['/timing/photos' => 1_500, '/timing/interval_s' => 8, '/trigger' => ['by' => 'camera_timer']];
        $card = new CardMaker(self::plan($changes), 3, driftPpm: 300.0);
        $found = OwnTimer::finding(Shot::of(self::plan($changes)), self::matching($card));
        self::assertSame(['own_timer' => FindingId::CameraTimerDrifts], array_map(static fn (Finding $one): FindingId => $one->id, $found));
        self::assertGreaterThan(10, ($found['own_timer'] ?? null)?->firstPhoto);
        self::assertSame([], OwnTimer::finding(Shot::of(self::plan($changes)), self::matching(new CardMaker(self::plan($changes), 3))));
        unset($changes['/trigger']);
        self::assertSame([], OwnTimer::finding(Shot::of(self::plan($changes)), self::matching(new CardMaker(self::plan($changes), 3, driftPpm: 300.0))));
    }

    private static function matching(CardMaker $card): Matching
    {
        return Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
    }

    private static function seen(CardMaker $card, bool $isMeasured = true): Seen
    {
        $lumas = [];
        foreach ($card->truth as $number => $file) {
            $lumas[(string) $file] = 0.2 + 0.001 * $number;
        }

        return Seen::of(Shot::of(self::plan()), self::matching($card), array_keys($lumas), $isMeasured ? $lumas : [], []);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with($changes + [
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => 100, '/timing/interval_s' => 5,
            '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
        ]);
    }
}
