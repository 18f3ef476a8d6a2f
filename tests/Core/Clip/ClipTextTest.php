<?php

declare(strict_types=1);

namespace Tests\Core\Clip;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Codec;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Size;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\ClipText;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The list of a clip in fields, and what is wrong with what is typed into them, by the field.
 */
final class ClipTextTest extends TestCase
{
    public function testWhatStandsInTheFieldsIsWhatIsRead(): void
    {
        $clip = new Clip(
            Holes::Blended,
            true,
            5,
            90,
            [new Speed(10, 20, 2.0, 3), new Speed(30, 40, 0.5)],
            new Crop(0.4, 0.5, 0.75),
            new Crop(0.6, 0.55, 0.5),
            true,
            Size::P2160,
            FrameRate::R5994,
            Codec::ProRes,
            2.39,
        );
        self::assertSame(ClipJson::write($clip), ClipJson::write(ClipText::read(ClipText::fields($clip), 100)));
        self::assertSame(ClipJson::write(new Clip()), ClipJson::write(ClipText::read(ClipText::fields(new Clip()), 100)));
        // As a hand types: with a comma, with a sign, and spans in any order.
        $typed = ['crop_width' => '62,5 %', 'speeds.0.from' => '50', 'speeds.0.to' => '60', 'speeds.0.factor' => '2×', 'speeds.0.ramp' => '',
            'speeds.1.from' => '10', 'speeds.1.to' => '20', 'speeds.1.factor' => '0,5', 'speeds.1.ramp' => '0'];
        $read = ClipText::read($typed + ClipText::fields(new Clip()), 100);
        self::assertSame([0.625, 10, 50], [$read->crop->width, $read->speeds[0]->from, $read->speeds[1]->from]);
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function wrong(): iterable
    {
        yield 'no photo' => [['in' => 'first'], '/in', 'format.clip_text.photo(photos: 100)'];
        yield 'past the last' => [['out' => '101'], '/out', 'format.clip_text.photo(photos: 100)'];
        yield 'before the first' => [['in' => '50', 'out' => '40'], '/out', 'format.clip_text.out(in: 50)'];
        yield 'rate 0' => [['rate' => '0'], '/rate', '23.976, 24'];
        yield 'no size' => [['size' => '8K'], '/size', '720p'];
        yield 'no codec' => [['codec' => ''], '/codec', 'h264'];
        yield 'no shape' => [['shape' => 'wide'], '/shape', 'format.clip_text.shape'];
        yield 'too narrow a crop' => [['crop_width' => '1'], '/crop_width', 'format.clip_text.crop_width(least: 5)'];
        yield 'a crop beside it' => [['crop_x' => '120'], '/crop_x', 'format.clip_text.crop_x(least: 0)'];
        yield 'a second crop of nothing' => [['moves' => 'yes', 'end_width' => ''], '/end_width', 'format.clip_text.crop_width(least: 5)'];
        yield 'a span of no photos' => [self::span('', '20', '2', '0'), '/speeds/0/from', 'format.clip_text.number'];
        yield 'backwards' => [self::span('20', '10', '2', '0'), '/speeds/0/to', 'format.clip_text.to(from: 20)'];
        yield 'no speed' => [self::span('10', '20', 'fast', '0'), '/speeds/0/factor', 'format.clip_text.factor'];
        yield 'speed 0' => [self::span('10', '20', '0', '0'), '/speeds/0/factor', 'values.between(what: clip.speed.rate, least: 0.05, most: 100)'];
        yield 'a ramp that is too long' => [self::span('10', '20', '2', '9'), '/speeds/0/ramp', 'values.between(what: clip.speed.ramp, least: 0, most: 5)'];
        yield 'spans over each other' => [self::span('10', '20', '2', '0') + self::span('15', '30', '2', '0', 1), '/speeds/1/from', 'format.clip_text.span(to: 20)'];
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsToldByItsField(array $typed, string $pointer, string $says): void
    {
        try {
            ClipText::read($typed + ClipText::fields(new Clip()), 100);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            $found = array_column(array_map(static fn (Problem $problem): array => [$problem->pointer, $problem->message], $invalid->problems), 1, 0);
            self::assertStringContainsString($says, (string) ($found[$pointer] ?? ''));
        }
    }

    public function testChangesAreToldInWords(): void
    {
        $is = new Clip(speeds: [new Speed(10, 20, 2.0)]);
        $then = ClipText::read(['in' => '5', 'deflicker' => 'yes'] + ClipText::fields($is), 100);
        self::assertSame('units.comma(first: clip.changed.to(name: clip.field.in, value: 5), last: clip.changed.to(name: clip.field.deflicker, value: common.yes))', (string) ClipText::told($is, $then));
        self::assertSame('clip.changed.no_span(photo: 10)', (string) ClipText::told($is, new Clip()));
        self::assertSame('clip.changed.span(photo: 10)', (string) ClipText::told(new Clip(), $is));
        self::assertSame('clip.changed.as_shot(name: clip.field.out)', (string) ClipText::told(new Clip(out: 9), new Clip()));
        self::assertSame('clip.changed.to(name: clip.field.moves, value: common.yes)', (string) ClipText::told(new Clip(), new Clip(endCrop: new Crop())));
        self::assertSame('', ClipText::told($is, $is));
    }

    /** @return array<string, string> */
    private static function span(string $from, string $to, string $factor, string $ramp, int $place = 0): array
    {
        return ["speeds.{$place}.from" => $from, "speeds.{$place}.to" => $to, "speeds.{$place}.factor" => $factor, "speeds.{$place}.ramp" => $ramp];
    }
}
