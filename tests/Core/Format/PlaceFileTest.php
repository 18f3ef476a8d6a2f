<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\PlaceFile;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlaceFileTest extends TestCase
{
    private const GPX = 'xmlns="http://www.topografix.com/GPX/1/1" version="1.1"';

    /**
     * @return iterable<string, array{string, array{float, float, ?float, string}}> latitude, longitude, elevation, name
     */
    public static function files(): iterable
    {
        yield 'a waypoint' => [
            '<?xml version="1.0" encoding="UTF-8"?><gpx ' . self::GPX . '><wpt lat="51.85" lon="1.9"><ele>3.5</ele><name>Sluice</name></wpt></gpx>',
            [51.85, 1.9, 3.5, 'Sluice'],
        ];
        yield 'a waypoint before the track that it lies on' => [
            '<gpx ' . self::GPX . '><trk><trkseg><trkpt lat="1" lon="2"/></trkseg></trk><wpt lat="3" lon="4"/></gpx>',
            [3.0, 4.0, null, ''],
        ];
        yield 'the first of a route' => [
            '<gpx><rte><name>Sea wall</name><rtept lat="51.1" lon="1.1"/><rtept lat="52" lon="2"/></rte></gpx>',
            [51.1, 1.1, null, ''],
        ];
        yield 'where a track begins' => ['<gpx><trk><trkseg><trkpt lat="-33.9" lon="18.4"><ele>12</ele></trkpt></trkseg></trk></gpx>', [-33.9, 18.4, 12.0, '']];
        yield 'with a byte order mark' => ["\u{feff}<gpx><wpt lat=\"1\" lon=\"2\"/></gpx>", [1.0, 2.0, null, '']];
        yield 'a name over two lines' => ["<gpx><wpt lat=\"1\" lon=\"2\"><name>Tide\n  mill</name></wpt></gpx>", [1.0, 2.0, null, 'Tide mill']];
        yield 'a bare point' => ['{"type":"Point","coordinates":[1.9,51.85,4]}', [51.85, 1.9, 4.0, '']];
        yield 'a feature' => [
            '{"type":"Feature","properties":{"name":"Pump house"},"geometry":{"type":"Point","coordinates":[1.9,51.85]}}',
            [51.85, 1.9, null, 'Pump house'],
        ];
        yield 'the first of several that has a place' => [
            '{"type":"FeatureCollection","features":[{"type":"Feature","geometry":null},{"type":"Feature","geometry":{"type":"Point","coordinates":[-1,2]}}]}',
            [2.0, -1.0, null, ''],
        ];
        yield 'where an area begins' => ['{"type":"Polygon","coordinates":[[[1,2],[3,4],[5,6],[1,2]]]}', [2.0, 1.0, null, '']];
        yield 'geometries together' => [
            '{"type":"GeometryCollection","geometries":[{"type":"LineString","coordinates":[[7,8],[9,10]]}]}',
            [8.0, 7.0, null, ''],
        ];
        yield 'a feature without properties' => ['{"type":"Feature","properties":null,"geometry":{"type":"Point","coordinates":[1,2]}}', [2.0, 1.0, null, '']];
    }

    /**
     * @param array{float, float, ?float, string} $place
     */
    #[DataProvider('files')]
    public function testThePlaceThatAFileMarksIsRead(string $text, array $place): void
    {
        $read = PlaceFile::read($text);
        self::assertSame($place, [$read->latitude, $read->longitude, $read->elevationMetres, $read->name]);
    }

    public function testALongNameIsCut(): void
    {
        $name = str_repeat('é', 500);
        self::assertSame(200, mb_strlen(PlaceFile::read("<gpx><wpt lat=\"1\" lon=\"2\"><name>{$name}</name></wpt></gpx>")->name));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function others(): iterable
    {
        yield 'nothing' => ['', 'format.place_file.format'];
        yield 'no XML' => ['51.85, 1.9', 'format.place_file.format'];
        yield 'cut off' => ['<gpx><wpt lat="1" lon="2">', 'format.place_file.format'];
        yield 'other XML' => ['<kml><Placemark/></kml>', 'format.place_file.format'];
        yield 'no place in it' => ['<gpx><metadata/></gpx>', 'format.place_file.'];
        yield 'a waypoint of nowhere' => ['<gpx><wpt lat="" lon="2"/></gpx>', 'latitude'];
        yield 'beyond the pole' => ['<gpx><wpt lat="95" lon="2"/></gpx>', 'latitude'];
        yield 'beyond the date line' => ['{"type":"Point","coordinates":[500,2]}', 'longitude'];
        yield 'cut JSON' => ['{"type":"Point","coor', 'format.place_file.format'];
        yield 'JSON of something else' => ['{"format":"evrent.plan/1"}', 'format.place_file.'];
        yield 'words for numbers' => ['{"type":"Point","coordinates":["a","b"]}', 'format.place_file.'];
        yield 'an empty line' => ['{"type":"LineString","coordinates":[]}', 'format.place_file.'];
        yield 'nested without end' => [str_repeat('{"geometry":', 40) . '1' . str_repeat('}', 40), 'format.place_file.format'];
        yield 'with entities of its own' => ['<!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/hostname">]><gpx><wpt lat="1" lon="2"><name>&x;</name></wpt></gpx>', 'format.place_file.format'];
    }

    #[DataProvider('others')]
    public function testWhatMarksNoPlaceIsRefused(string $text, string $says): void
    {
        try {
            PlaceFile::read($text);
            self::fail('taken');
        } catch (InvalidInput $invalid) {
            self::assertSame('/file', $invalid->problems[0]->pointer);
            self::assertStringContainsString($says, (string) $invalid->problems[0]->message);
        }
    }

    public function testAFileThatIsMadeToHoldUpIsRefusedBeforeItIsParsed(): void
    {
        $attributes = implode(' ', array_map(static fn (int $n): string => "a{$n}='1'", range(1, 40_000)));
        $levels = 20_000;
        $files = [
            'forty thousand attributes' => "<gpx><wpt lat='51' lon='1' {$attributes}/></gpx>",
            'twenty thousand levels' => '<gpx>' . str_repeat('<a>', $levels) . str_repeat('</a>', $levels) . '</gpx>',
            'entities' => '<!DOCTYPE gpx [<!ENTITY a "aaaa">]><gpx><wpt lat="51" lon="1"/></gpx>',
            'a tag that never ends' => '<gpx><wpt lat="51" lon="1"',
            'levels of JSON' => str_repeat('{"geometry":', 5_000) . '1' . str_repeat('}', 5_000),
        ];
        foreach ($files as $what => $text) {
            try {
                PlaceFile::read($text);
                self::fail("{$what} is read");
            } catch (InvalidInput $invalid) {
                self::assertSame('/file', $invalid->problems[0]->pointer, $what);
            }
        }
        $track = '<gpx><!-- > <a ' . str_repeat('x', 9_000) . ' --><trk><trkseg>' . str_repeat('<trkpt lat="51.5" lon="1.5"><ele>2</ele></trkpt>', 60_000) . '</trkseg></trk></gpx>';
        self::assertSame(51.5, PlaceFile::read($track)->latitude, 'a day’s track and a long comment are none of that');
    }
}
