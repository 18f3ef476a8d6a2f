<?php

declare(strict_types=1);

namespace Tests\Core\Clip;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Size;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A clip's length, and what each of its frames shows, before it is made.
 */
final class FramesTest extends TestCase
{
    public function testEachPhotoIsAFrame(): void
    {
        $frames = Frames::of(new Clip(rate: FrameRate::R25), 100);
        self::assertSame(range(1, 100), self::photos($frames));
        self::assertSame(4.0, $frames->seconds());
        self::assertEqualsWithDelta(100 * 1_001 / 24_000, Frames::of(new Clip(rate: FrameRate::R23976), 100)->seconds(), 1e-12);
        self::assertSame(range(80, 20), self::photos(Frames::of(new Clip(isReversed: true, in: 20, out: 80), 100)));
    }

    public function testHolesAreHeldBlendedOrDropped(): void
    {
        $unfit = [1, 4, 5, 10];
        self::assertSame([2, 2, 3, 3, 3, 6, 7, 8, 9, 9], self::photos(Frames::of(new Clip(Holes::Held), 10, $unfit)));
        self::assertSame([2, 3, 6, 7, 8, 9], self::photos(Frames::of(new Clip(Holes::Dropped), 10, $unfit)));
        $blended = Frames::of(new Clip(Holes::Blended), 10, $unfit)->frames;
        self::assertSame([[3, 6], [3, 6]], array_map(static fn (Frame $frame): array => [$frame->photo, $frame->over], [$blended[3], $blended[4]]));
        self::assertEqualsWithDelta([1 / 3, 2 / 3], [$blended[3]->share, $blended[4]->share], 1e-9);
        self::assertSame([2, null, 9, null], [$blended[0]->photo, $blended[0]->over, $blended[9]->photo, $blended[9]->over]);
        self::assertSame(4, Frames::of(new Clip(Holes::Held), 10, $unfit)->holes());
    }

    public function testSpansGoFasterAndSlower(): void
    {
        self::assertSame([1, 2, 3, 5, 7, 9, 10], self::photos(Frames::of(new Clip(speeds: [new Speed(3, 8, 2.0)]), 10)));
        self::assertSame([1, 2, 3, 3, 4, 4, 5], self::photos(Frames::of(new Clip(speeds: [new Speed(3, 4, 0.5)]), 5)));
        // With a ramp it begins and ends at one a frame, and never goes back.
        $ramped = Frames::of(new Clip(speeds: [new Speed(101, 300, 4.0, 60)]), 400);
        $photos = self::photos($ramped);
        $sorted = $photos;
        sort($sorted);
        self::assertSame($sorted, $photos);
        self::assertSame([1, 400], [$photos[0], $photos[count($photos) - 1]]);
        self::assertGreaterThan(250, count($photos));
        self::assertLessThan(400, count($photos));
        $steps = array_map(static fn (int $n): int => $photos[$n + 1] - $photos[$n], range(0, count($photos) - 2));
        self::assertSame([1, 4], [min($steps), max($steps)]);
    }

    /** A zoom goes by equal factors, from the first crop to the second. */
    public function testACropGoesToAnother(): void
    {
        $frames = Frames::of(new Clip(crop: new Crop(width: 1.0), endCrop: new Crop(0.75, 0.5, 0.25)), 101)->frames;
        self::assertEqualsWithDelta([1.0, 0.5, 0.25], [$frames[0]->crop->width, $frames[50]->crop->width, $frames[100]->crop->width], 1e-9);
        self::assertEqualsWithDelta([0.5, 0.625, 0.75], [$frames[0]->crop->x, $frames[50]->crop->x, $frames[100]->crop->x], 1e-9);
        // 6000 by 4000 at 16:9, cropped to a quarter: 844 of 1080 lines.
        $close = Frames::of(new Clip(crop: new Crop(width: 1.0), endCrop: new Crop(0.75, 0.5, 0.25), size: Size::P1080), 101);
        self::assertEqualsWithDelta(6_000 / 4 * 9 / 16 / 1_080, $close->pixelsPerPixel(6_000, 4_000), 1e-9);
        self::assertTrue((new Crop(0.75, 0.5, 0.25))->fits(1.5, 16 / 9));
        self::assertFalse((new Crop(0.95, 0.5, 0.25))->fits(1.5, 16 / 9));
        self::assertFalse((new Crop(0.5, 0.2))->fits(1.5, 16 / 9));
    }

    public function testWhatIsWrittenIsReadAgain(): void
    {
        $clip = new Clip(
            Holes::Blended,
            true,
            3,
            90,
            [new Speed(10, 30, 2.0, 4), new Speed(31, 40, 0.5)],
            new Crop(0.4, 0.5, 0.8),
            new Crop(0.6, 0.5, 0.5),
            true,
            Size::Full,
            FrameRate::R5994,
        );
        $json = ClipJson::write($clip);
        self::assertEqualsWithDelta($clip, ClipJson::read($json), 1e-6);
        self::assertSame($json, ClipJson::write(ClipJson::read($json)));
        self::assertEqualsWithDelta(new Clip(), ClipJson::read('{"format": "evrent.clip/1"}'), 1e-6);
    }

    #[DataProvider('wrongs')]
    public function testWrongOnesAreRefusedByTheField(string $json, string $pointer): void
    {
        try {
            Frames::of(ClipJson::read($json), 100, range(50, 60));
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertContains($pointer, array_map(static fn (Problem $problem): string => $problem->pointer, $invalid->problems));
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function wrongs(): iterable
    {
        $clip = static fn (string $more): string => '{"format": "evrent.clip/1", ' . $more . '}';
        yield 'no JSON' => ['{', ''];
        yield 'another format' => ['{"format": "evrent.plan/1"}', '/format'];
        yield 'rate 0' => [$clip('"rate": "0"'), '/rate'];
        yield 'no such size' => [$clip('"size": "480p"'), '/size'];
        yield 'from the 0th' => [$clip('"in": 0'), '/in'];
        yield 'out before in' => [$clip('"in": 20, "out": 10'), '/out'];
        yield 'beyond the last' => [$clip('"out": 101'), '/out'];
        yield 'nothing fit' => [$clip('"in": 52, "out": 58, "holes": "dropped"'), '/in'];
        yield 'too narrow' => [$clip('"crop": {"width": 0.01}'), '/crop/width'];
        yield 'outside' => [$clip('"crop": {"x": 1.5}'), '/crop/x'];
        yield 'speeds over each other' => [$clip('"speeds": [{"from": 1, "to": 10, "factor": 2}, {"from": 10, "to": 20, "factor": 2}]'), '/speeds/1/from'];
        yield 'stands still' => [$clip('"speeds": [{"from": 1, "to": 10, "factor": 0}]'), '/speeds/0/factor'];
        yield 'a ramp that is too long' => [$clip('"speeds": [{"from": 1, "to": 10, "factor": 2, "ramp_photos": 6}]'), '/speeds/0/ramp_photos'];
        yield 'a field that is not known' => [$clip('"sound": true'), '/sound'];
    }

    public function testWithoutAPhotoThereIsNoClip(): void
    {
        $this->expectExceptionMessage('clip.frames.none');
        Frames::of(new Clip(), 0);
    }

    /**
     * @return list<int>
     */
    private static function photos(Frames $frames): array
    {
        return array_map(static fn (Frame $frame): int => $frame->photo, $frames->frames);
    }
}
