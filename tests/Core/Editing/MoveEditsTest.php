<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\Jog;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Changes to the move. The plain plan goes from slide 40, pan -14, tilt 2 to slide 860, pan 21, tilt -3 in 216 photos after 12.
 */
final class MoveEditsTest extends TestCase
{
    /**
     * @return list<float>
     */
    private static function positions(Plan $plan, string $axisId): array
    {
        return array_map(static fn (Keyframe $keyframe): float => $keyframe->positions[$axisId], $plan->move->keyframes);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(30);
    }

    #[DataProvider('plans')]
    public function testSwappedItIsTheSamePathBackwards(Plan $plan): void
    {
        // Photos are whole: keyframes snap half away from zero, so at halves the mirrored one may land a photo beside.
        $indices = Path::travelIndices($plan->move, $plan->timing->photos);
        $mirrored = array_map(static fn (int $index): int => $plan->timing->photos - 1 - $index, array_reverse($indices));
        $swapped = $plan->reversed();
        self::assertSame(array_reverse(self::positions($plan, $plan->rig->axes[0]->id)), self::positions($swapped, $plan->rig->axes[0]->id));
        if (Path::travelIndices($swapped->move, $plan->timing->photos) !== $mirrored) {
            return;
        }
        foreach ($plan->path->positionColumns() as $axisId => $column) {
            self::assertEqualsWithDelta(array_reverse($column), $swapped->path->positionColumns()[$axisId], 1e-6);
        }
        self::assertEquals($plan->path->positionColumns(), $swapped->reversed()->path->positionColumns());
    }

    public function testOneAxisIsFlippedAndTheOthersStay(): void
    {
        $plan = MoveEdits::flipped(Plans::with([]), 'pan');
        self::assertSame([[21.0, -14.0], [40.0, 860.0], [2.0, -3.0]], [self::positions($plan, 'pan'), self::positions($plan, 'slide'), self::positions($plan, 'tilt')]);
        $this->expectException(InvalidInput::class);
        MoveEdits::flipped($plan, 'roll');
    }

    public function testScaledAboutItsMiddle(): void
    {
        $plan = MoveEdits::scaled(Plans::with([]), 0.5);
        self::assertSame([[245.0, 655.0], [-5.25, 12.25]], [self::positions($plan, 'slide'), self::positions($plan, 'pan')]);
    }

    public function testNudgedAtEveryKeyframe(): void
    {
        self::assertSame([35.5, 855.5], self::positions(MoveEdits::nudged(Plans::with([]), 'slide', -4.5), 'slide'));
    }

    public function testFittedItIsMovedWhereItFitsAndMadeSmallerWhereItDoesNot(): void
    {
        $plan = MoveEdits::fitted(Plans::with(['/move/keyframes/0/slide' => 700, '/move/keyframes/1/slide' => 1500, '/move/keyframes/0/pan' => -300, '/move/keyframes/1/pan' => 300]));
        // 800 mm of slide fit into 0 to 1200, 300 mm lower; 600° of pan become the 360° there are.
        self::assertSame([[400.0, 1200.0], [-180.0, 180.0], [2.0, -3.0]], [self::positions($plan, 'slide'), self::positions($plan, 'pan'), self::positions($plan, 'tilt')]);
    }

    #[DataProvider('plans')]
    public function testFittedEveryPhotoIsWithinTheTravel(Plan $plan): void
    {
        $fitted = MoveEdits::fitted(MoveEdits::scaled($plan, 5.0));
        foreach ($fitted->rig->axes as $axis) {
            foreach ($fitted->path->positionColumns()[$axis->id] as $position) {
                self::assertTrue($axis->holds(round($position, 6)));
            }
        }
    }

    public function testAKeyframeIsPutOnAPhotoWhereThePathIs(): void
    {
        $plan = Plans::with([]);
        $before = Schedule::of($plan)->photo(100)->positions;
        $added = KeyframeEdits::addedAtPhoto($plan, 100);
        self::assertCount(3, $added->move->keyframes);
        self::assertTrue($added->move->keyframes[1]->pass);
        self::assertEqualsWithDelta($before, Schedule::of($added)->photo(100)->positions, 5e-4);
        self::assertSame([13, 100, 228], Schedule::of($added)->pegPhotos());
        // Standing photos before the move belong to its first, where a keyframe stands.
        $this->expectException(InvalidInput::class);
        KeyframeEdits::addedAtPhoto($plan, 5);
    }

    public function testAKeyframeIsMovedInTimeBetweenItsNeighbours(): void
    {
        $plan = KeyframeEdits::addedAtPhoto(Plans::with([]), 100);
        self::assertSame([13, 150, 228], Schedule::of(KeyframeEdits::toPhoto($plan, 1, 150))->pegPhotos());
        self::assertSame([13, 227, 228], Schedule::of(KeyframeEdits::toPhoto($plan, 1, 9_999))->pegPhotos());
        self::assertSame([13, 14, 228], Schedule::of(KeyframeEdits::toPhoto($plan, 1, 1))->pegPhotos());
        self::assertSame([13, 100, 228], Schedule::of(KeyframeEdits::toPhoto($plan, 0, 150))->pegPhotos(), 'the ends stay');
    }

    public function testAPassedKeyframeStopsAndPassesAgain(): void
    {
        $plan = KeyframeEdits::passToggled(KeyframeEdits::addedAtPhoto(Plans::with([]), 100), 1);
        self::assertCount(2, $plan->path->legs);
        self::assertCount(1, KeyframeEdits::passToggled($plan, 1)->path->legs);
        $held = KeyframeEdits::holding(KeyframeEdits::passToggled($plan, 1), 1, 12);
        self::assertSame([252, false, 2], [$held->photosTotal(), $held->move->keyframes[1]->pass, count($held->path->legs)]);
        self::assertSame(12, KeyframeEdits::holding($plan, 0, 12)->move->keyframes[0]->holdPhotos, 'the ends can hold too');
    }

    public function testPannedByWidthsOfTheFrame(): void
    {
        // 36 mm at 18 mm of focal length takes in 2·atan(1) = 90°; one and a half of that from -14° is 121°.
        $optics = ['/optics' => Plans::OPTICS + ['focal_mm' => 18]];
        self::assertSame([-14.0, 121.0], self::positions(Framing::panned(Plans::with($optics), 1.5), 'pan'));
    }

    public function testAimedByCompass(): void
    {
        $plan = Plans::with(['/rig/base' => ['zero_bearing_deg' => 245]]);
        $aimed = Framing::aimed($plan, 1, 10, 4.5);
        // From 245° to 10° is 125° to the right.
        self::assertEquals([125.0, 4.5, 860.0], [$aimed->move->keyframes[1]->positions['pan'], $aimed->move->keyframes[1]->positions['tilt'], $aimed->move->keyframes[1]->positions['slide']]);
        self::assertEquals(-175.0, Framing::aimed($plan, 0, 70, 0)->move->keyframes[0]->positions['pan']);
    }

    public function testJoggedWithinTheTravel(): void
    {
        $plan = Plans::with([]);
        $stands = Jog::within($plan, ['slide' => 1190.0]);
        self::assertSame(['slide' => 1190.0, 'pan' => -14.0, 'tilt' => 2.0], $stands);
        self::assertSame(1200.0, Jog::moved($plan, $stands, 'slide', 1, 'coarse')['slide']);
        self::assertSame(-14.3, Jog::moved($plan, $stands, 'pan', -3, 'fine')['pan']);
    }
}
