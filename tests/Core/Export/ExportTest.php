<?php

declare(strict_types=1);

namespace Tests\Core\Export;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Export\CameraPath;
use Evrent\Core\Export\Cmx3600;
use Evrent\Core\Export\Ffconcat;
use Evrent\Core\Export\Gltf;
use Evrent\Core\Export\Material;
use Evrent\Core\Export\Otio;
use Evrent\Core\Export\Shots;
use Evrent\Core\Export\Xmp;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A hundred photos, 40 to 42 missing and 60 spoilt, as other programs read them.
 */
final class ExportTest extends TestCase
{
    public function testEvenStretchesAreOneShotEach(): void
    {
        $shots = Shots::of(self::frames(new Clip(speeds: [new Speed(71, 90, 2.0)])));
        self::assertSame(
            [[1, 39, 1.0, 0], [39, 3, 0.0, 39], [43, 17, 1.0, 42], [59, 1, 0.0, 59], [61, 10, 1.0, 60], [71, 10, 2.0, 70], [91, 10, 1.0, 80]],
            array_map(static fn (Shots $shot): array => [$shot->photo, $shot->frames, $shot->speed, $shot->at], $shots),
        );
        $dropped = Shots::of(self::frames(new Clip(Holes::Dropped)));
        self::assertSame([[1, 39], [43, 17], [61, 40]], array_map(static fn (Shots $shot): array => [$shot->photo, $shot->frames], $dropped));
        $back = Shots::of(self::frames(new Clip(Holes::Dropped, true)));
        self::assertSame(
            [[100, 40, -1.0], [59, 17, -1.0], [39, 39, -1.0]],
            array_map(static fn (Shots $shot): array => [$shot->photo, $shot->frames, $shot->speed], $back),
        );
    }

    public function testAListForFfmpegNamesAPhotoForEachFrame(): void
    {
        $list = Ffconcat::of(self::material("it's here"), self::frames(new Clip(rate: FrameRate::R2997)));
        $lines = explode("\n", $list);
        self::assertSame(['ffconcat version 1.0', "file 'it'\\''s here/EVR_0001.JPG'", 'duration 0.033366667'], array_slice($lines, 0, 3));
        self::assertSame(100, substr_count($list, 'file '));
        self::assertSame($list, Ffconcat::of(self::material("it's here"), self::frames(new Clip(rate: FrameRate::R2997))));
    }

    public function testATimelineHasShotsWarpsAndMarkers(): void
    {
        /**
         * @var array{OTIO_SCHEMA: string, name: string, tracks: array{children: list<array{children: list<array{OTIO_SCHEMA: string,
         *     source_range: array{start_time: array{value: float, rate: float}, duration: array{value: float}}, effects: list<array{OTIO_SCHEMA: string, time_scalar: float}>,
         *     media_references: array{DEFAULT_MEDIA: array{name_prefix: string, name_suffix: string}}}>, markers: list<array{name: string}>}>}} $otio
         */
        $otio = json_decode(Otio::of(self::material(), self::frames(new Clip(speeds: [new Speed(71, 90, 2.0)])), Words::say(...)), true, 32, JSON_THROW_ON_ERROR);
        self::assertSame('Timeline.1', $otio['OTIO_SCHEMA']);
        $track = $otio['tracks']['children'][0];
        self::assertCount(7, $track['children']);
        self::assertSame(90.0, array_sum(array_map(static fn (array $clip): float => $clip['source_range']['duration']['value'], $track['children'])));
        self::assertSame(
            ['', 'FreezeFrame.1', '', 'FreezeFrame.1', '', 'LinearTimeWarp.1', ''],
            array_map(static fn (array $clip): string => $clip['effects'][0]['OTIO_SCHEMA'] ?? '', $track['children']),
        );
        $reference = $track['children'][0]['media_references']['DEFAULT_MEDIA'];
        self::assertSame(['Flood-at-the-mill_', '.jpg'], [$reference['name_prefix'], $reference['name_suffix']]);
        $other = new Material(self::schedule(), array_fill(1, 100, 'card/EVR_0001.HEIC'));
        self::assertStringContainsString('"name_suffix": ".heic"', Otio::of($other, Frames::of(new Clip(), 100), Words::say(...)));
        self::assertStringContainsString('"name_prefix": "Flood-at-the-mill_"', Otio::of($other, Frames::of(new Clip(), 100), Words::say(...)));
        self::assertContains(Words::of('export.otio.keyframe', peg: 'A'), array_column($track['markers'], 'name'));
        self::assertContains(Words::of('export.otio.unusable', count: 3, first: '40', last: '42'), array_column($track['markers'], 'name'));
    }

    /** Every object has what OpenTimelineIO's serialisation has, under the same names and of the same kinds; one that lacks something is found. */
    public function testATimelineIsWhatItsReadersExpect(): void
    {
        $schema = (string) file_get_contents(__DIR__ . '/../../fixtures/opentimelineio.schema.json');
        foreach ([new Clip(), new Clip(Holes::Blended, true, speeds: [new Speed(71, 90, 2.0), new Speed(91, 95, 0.25, 2)]), new Clip(Holes::Dropped)] as $clip) {
            $otio = Otio::of(self::material(), self::frames($clip), Words::say(...));
            $isRead = static fn (string $json): bool => (new Validator())->validate(json_decode($json, false, 64, JSON_THROW_ON_ERROR), $schema)->isValid();
            self::assertTrue($isRead($otio));
            self::assertFalse($isRead((string) preg_replace('/"frame_step": 1,/', '', $otio, 1)));
            self::assertFalse($isRead((string) preg_replace('/"kind": "Video"/', '"kind": "Film"', $otio, 1)));
        }
    }

    public function testAnEditListCountsTimesWithoutGaps(): void
    {
        $list = Cmx3600::of(self::material(), self::frames(new Clip(speeds: [new Speed(71, 90, 2.0)], rate: FrameRate::R25)));
        self::assertStringStartsWith("TITLE: Flood-at-the-mill\r\nFCM: NON-DROP FRAME\r\n", $list);
        preg_match_all('/^(\d{3})  PHOTOS   V     C        (\S+) (\S+) (\S+) (\S+)\r$/m', $list, $events, PREG_SET_ORDER);
        self::assertCount(7, $events);
        self::assertSame(['001', '00:00:00:00', '00:00:01:14', '01:00:00:00', '01:00:01:14'], array_slice($events[0], 1));
        foreach (array_slice($events, 1) as $n => $event) {
            self::assertSame($events[$n][5], $event[4]);
        }
        self::assertStringContainsString("M2   PHOTOS   0050.000                00:00:02:20\r\n", $list);
        self::assertStringContainsString('* FROM CLIP NAME: Flood-at-the-mill_000071.jpg', $list);
    }

    public function testASidecarSaysPlaceRatingAndExposure(): void
    {
        $material = new Material(self::schedule(), [], [60], [33], [33 => 0.12]);
        self::assertStringContainsString('xmp:Rating="-1"', Xmp::of($material, 60, Words::say(...)));
        self::assertStringContainsString('xmp:Rating="5"', Xmp::of($material, 33, Words::say(...)));
        self::assertStringContainsString('crs:Exposure2012="+0.12"', Xmp::of($material, 33, Words::say(...)));
        self::assertStringContainsString('xmp:Rating="0"', Xmp::of($material, 1, Words::say(...)));
        self::assertNotFalse(simplexml_load_string(Xmp::of(new Material(Schedule::of(Plans::with(['/title' => 'Salt & "mud" <pan>']))), 1, Words::say(...))));
    }

    /** The numbers in the file are the plan's: read back, the last camera stands where the plan ends, and looks where it looks. */
    public function testACamerasPathIsThePlans(): void
    {
        $path = CameraPath::of(self::schedule());
        $positions = self::schedule()->moves->positions;
        /**
         * @var array{buffers: list<array{uri: string, byteLength: int}>, bufferViews: list<array{byteOffset: int, byteLength: int}>, animations: list<array{name: string}>,
         *     accessors: list<array{count: int, type: string, bufferView: int, max?: list<float>}>} $gltf
         */
        $gltf = json_decode(Gltf::of(self::material(), $path), true, 32, JSON_THROW_ON_ERROR);
        $bytes = (string) base64_decode(explode(',', $gltf['buffers'][0]['uri'])[1], true);
        self::assertSame($gltf['buffers'][0]['byteLength'], strlen($bytes));
        self::assertSame(['clip', 'real seconds'], array_column($gltf['animations'], 'name'));
        /** @return list<float> */
        $read = static function (int $n) use ($gltf, $bytes): array {
            $view = $gltf['bufferViews'][$gltf['accessors'][$n]['bufferView']];

            /** @var array<int, float> $numbers */
            $numbers = unpack('g*', substr($bytes, $view['byteOffset'], $view['byteLength']));

            return array_values($numbers);
        };
        self::assertEqualsWithDelta(99 / 24, max([0.0, ...$read(0)]), 1e-5);
        self::assertEqualsWithDelta(self::schedule()->timeline->triggerSeconds[99], max([0.0, ...$read(1)]), 1e-3);
        self::assertEqualsWithDelta(($positions['slide'][99] ?? 0.0) / 1_000.0, $read(2)[3 * 99], 1e-5);
        self::assertEqualsWithDelta(-deg2rad($positions['pan'][99] ?? 0.0) / 2.0, asin($read(3)[4 * 99 + 1]), 1e-5);
        $lines = explode("\r\n", $path->csv());
        self::assertCount(102, $lines);
        self::assertStringStartsWith('100,100,', $lines[100]);
        self::assertStringContainsString(sprintf(',%.6F,', $positions['pan'][99] ?? 0.0), $lines[100]);
        // Reversed, real seconds do not rise: that animation is left out.
        $back = CameraPath::of(self::schedule(), self::frames(new Clip(isReversed: true)));
        /** @var array{animations: list<mixed>} $back */
        $back = json_decode(Gltf::of(self::material(), $back), true, 32, JSON_THROW_ON_ERROR);
        self::assertCount(1, $back['animations']);
    }

    private static function frames(Clip $clip): Frames
    {
        return Frames::of($clip, 100, self::material()->unfit());
    }

    private static function material(string $folder = 'card'): Material
    {
        $files = [];
        foreach (range(1, 100) as $number) {
            $files[$number] = sprintf('%s/EVR_%04d.JPG', $folder, $number);
        }
        unset($files[40], $files[41], $files[42]);

        return new Material(self::schedule(), $files, [60]);
    }

    private static function schedule(): Schedule
    {
        return Schedule::of(Plans::with([
            '/title' => 'Flood at the mill', '/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/optics' => Plans::OPTICS + ['focal_mm' => 24],
        ]));
    }
}
