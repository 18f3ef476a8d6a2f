<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Photos\Bumps;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\Outline;
use Evrent\Core\Photos\Waves;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/**
 * By how much pictures are shifted, and which of these shifts no move explains.
 */
final class BumpsTest extends TestCase
{
    private const CLIP_WIDTH = 1_920;

    /** Within a pixel of the clip, from a fraction of one to a tenth of the picture. */
    #[TestWith([0.0])]
    #[TestWith([0.0005])]
    #[TestWith([0.0016])]
    #[TestWith([-0.02])]
    #[TestWith([0.11])]
    public function testAShiftIsMeasuredToAPixel(float $share): void
    {
        $shift = self::outline(1, 0.0, 0.0)->shiftTo(self::outline(1, $share, -$share / 3.0));
        self::assertNotNull($shift);
        self::assertEqualsWithDelta($share * self::CLIP_WIDTH, $shift[0] * self::CLIP_WIDTH, 1.0);
        self::assertEqualsWithDelta(-$share / 3.0 * 0.667 * self::CLIP_WIDTH, $shift[1] * self::CLIP_WIDTH, 1.0);
    }

    public function testAnotherViewHasNoShift(): void
    {
        self::assertNull(self::outline(1, 0.0, 0.0)->shiftTo(self::outline(2, 0.0, 0.0)));
        $black = Outline::of(new Waves(), array_fill(0, Waves::POINTS, 0.0), array_fill(0, Waves::POINTS, 0.0), 1.0, 0.667);
        self::assertNull($black->shiftTo($black));
    }

    /** The pan carries the picture along; photos 20 to 22 are off and back again, and from 40 on the legs have sunk. */
    public function testWhatNoMoveExplainsIsABumpOrAKnock(): void
    {
        $off = array_fill_keys([20, 21, 22], [8.0, -4.0]) + array_fill_keys(range(40, 60), [0.0, 6.0]);
        $bumps = self::bumps($off);
        self::assertSame([[20, 21, 22], [40]], [$bumps->bumped, $bumps->knocked]);
        self::assertEqualsWithDelta(8.0, $bumps->pixels[20][0], 0.2);
        self::assertEqualsWithDelta(6.0, $bumps->pixels[40][1], 0.2);
        self::assertSame(['bump', 'knock'], array_keys($bumps->findings()));
        self::assertStringContainsString('photos.span(first: 20, last: 22)', (string) $bumps->findings()['bump']->sentence);
        self::assertStringContainsString('pixels: 9', str_replace('8.9', '9', (string) $bumps->findings()['bump']->sentence));
    }

    public function testTheMoveItselfAndSmallShakesAreNone(): void
    {
        self::assertSame([], self::bumps([])->findings());
        self::assertSame([], self::bumps([20 => [2.0, 1.0], 33 => [-2.5, 0.0]])->findings());
    }

    /** A picture that moves by whole pixels alone goes three of the clip's at once, now and then: no knock. A real one among them is. */
    public function testWholePixelsAreNoKnocks(): void
    {
        $steps = [];
        foreach (range(1, 60) as $number) {
            $steps[$number] = [0.0, -3.6 * intdiv($number, 6)];
        }
        self::assertSame([], self::bumps($steps)->knocked);
        $knocked = [];
        foreach ($steps as $number => [$right, $down]) {
            $knocked[$number] = [$right + ($number < 40 ? 0.0 : 20.0), $down];
        }
        self::assertSame([40], self::bumps($knocked)->knocked);
    }

    /** Where a picture could not be compared nothing is said, and the rest goes on. */
    public function testWhatCannotBeComparedIsNoBump(): void
    {
        $bumps = self::bumps([20 => [8.0, 0.0]], [30]);
        self::assertSame([[20], []], [$bumps->bumped, $bumps->knocked]);
    }

    /**
     * @param array<int, array{float, float}> $off     pixels of the clip that a photo is off, by number
     * @param list<int>                       $unknown numbers whose shift is not known
     */
    private static function bumps(array $off, array $unknown = []): Bumps
    {
        $plan = Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => 60, '/timing/interval_s' => 12,
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/optics' => Plans::OPTICS + ['focal_mm' => 24],
        ]);
        $shot = Shot::of($plan);
        $card = new CardMaker($plan, 5);
        $matching = Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
        $pan = $shot->schedule->positionsFor(AxisRole::Pan) ?? [];
        $slide = $shot->schedule->positionsFor(AxisRole::Slide) ?? [];
        assert($plan->optics !== null);
        $picture = new Picture($plan->optics);
        $at = static function (int $number) use ($off, $pan, $slide, $picture): array {
            $moved = $picture->shift(AxisRole::Pan, $pan[$number - 1] ?? 0.0, 0.0, 1.0) + $picture->shift(AxisRole::Slide, $slide[$number - 1] ?? 0.0, 0.0, 20.0);

            return [(($off[$number] ?? [0.0, 0.0])[0] - $moved) / self::CLIP_WIDTH, ($off[$number] ?? [0.0, 0.0])[1] / self::CLIP_WIDTH];
        };
        $names = $shifts = [];
        foreach ($card->truth as $number => $file) {
            $names[] = (string) $file;
            if ($number > 1 && !in_array($number, $unknown, true)) {
                $shifts[(string) $file] = [$at($number)[0] - $at($number - 1)[0], $at($number)[1] - $at($number - 1)[1]];
            }
        }

        return Bumps::of($shot, $matching, $names, $shifts);
    }

    /** Made-up view number $seed, shifted by shares of its width and height. */
    private static function outline(int $seed, float $right, float $down): Outline
    {
        $random = new Randomizer(new Mt19937($seed));
        $blobs = [];
        for ($n = 0; $n < 60; $n++) {
            $blobs[] = [$random->getInt(-200, 1_200) / 1_000, $random->getInt(0, 1_000) / 1_000, $random->getInt(5, 60) / 1_000, $random->getInt(0, 50)];
        }
        $profile = static function (int $side, float $shift) use ($blobs): array {
            $values = [];
            for ($n = 0; $n < Waves::POINTS; $n++) {
                $at = ($n + 0.5) / Waves::POINTS - $shift;
                $values[] = 100.0 + 40.0 * $at + array_sum(array_map(static fn (array $blob): float => $blob[3] * exp(-(($at - $blob[$side]) / $blob[2]) ** 2), $blobs));
            }

            return $values;
        };

        return Outline::of(new Waves(), $profile(0, $right), $profile(1, $down), 1.0, 0.667);
    }
}
