<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\TypedPlace;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\TypedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TypedPlaceTest extends TestCase
{
    private const GOOD = ['name' => 'Saltreach', 'date' => '2027-03-23', 'latitude' => '51.85', 'longitude' => '1.9', 'zone' => 'Europe/London'];

    /**
     * @return iterable<string, array{string, ?float}>
     */
    public static function angles(): iterable
    {
        yield 'degrees' => ['51.85', 51.85];
        yield 'with a decimal comma' => ['51,85', 51.85];
        yield 'below zero' => ['-1.9', -1.9];
        yield 'with a true minus' => ["\u{2212}1.9", -1.9];
        yield 'with its sign' => ['51.85°', 51.85];
        yield 'north' => ['51.85 N', 51.85];
        yield 'south' => ['33.87° S', -33.87];
        yield 'west, small' => ['1.9w', -1.9];
        yield 'degrees and minutes' => ["51° 51' N", 51.85];
        yield 'minutes with a fraction' => ["1°54.6'W", -1.91];
        yield 'degrees, minutes, seconds' => ["51°51'36.0\"N", 51.86];
        yield 'as a map writes it' => ["51° 51\u{2032} 36\u{2033} S", -51.86];
        yield 'below zero, with minutes' => ["-33°30'", -33.5];
        yield 'twice below zero' => ['-33.87 S', null];
        yield 'sixty minutes' => ["51°60'N", null];
        yield 'sixty seconds' => ["51°10'60\"N", null];
        yield 'a letter alone' => ['N', null];
        yield 'nothing' => ['', null];
        yield 'words' => ['by the mill', null];
    }

    #[DataProvider('angles')]
    public function testAnglesAreReadAsPeopleAndMapsWriteThem(string $text, ?float $degrees): void
    {
        $read = TypedText::degrees($text);
        if ($degrees === null) {
            self::assertNull($read);
        } else {
            self::assertEqualsWithDelta($degrees, $read, 1e-9);
        }
    }

    public function testAPlaceIsReadFromItsFields(): void
    {
        $place = TypedPlace::read(['elevation' => '4', 'sky_glow' => '0.001'] + self::GOOD);
        self::assertSame(
            ['Saltreach', '2027-03-23', 51.85, 1.9, 4.0, 'Europe/London', 0.001],
            [$place->name, $place->date, $place->latitude, $place->longitude, $place->elevationMetres, $place->zone, $place->glowLux],
        );
        $open = TypedPlace::read(['name' => 'Somewhere']);
        self::assertSame([null, null, null, null, 0.0], [$open->date, $open->latitude, $open->longitude, $open->zone, $open->elevationMetres]);
        self::assertSame(-33.87, TypedPlace::read(['latitude' => '33.87 S', 'longitude' => '18.4'] + self::GOOD)->latitude);
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}> what is typed, the field, what it says
     */
    public static function mistakes(): iterable
    {
        yield 'latitude 95' => [['latitude' => '95'], '/latitude', 'values.between(what: what.latitude, least: -90, most: 90)'];
        yield 'longitude 181' => [['longitude' => '181'], '/longitude', 'values.between(what: what.longitude, least: -180, most: 180)'];
        yield 'latitude in words' => [['latitude' => 'north'], '/latitude', 'day.typed_place.latitude'];
        yield 'latitude alone' => [['longitude' => ''], '/longitude', 'day.typed_place.both'];
        yield 'longitude alone' => [['latitude' => ''], '/latitude', 'day.typed_place.both'];
        yield '30 February' => [['date' => '2027-02-30'], '/date', 'sky.local_day.date(first_year: 1950, last_year: 2100)'];
        yield 'too long ago' => [['date' => '1949-12-31'], '/date', 'sky.local_day.date(first_year: 1950, last_year: 2100)'];
        yield 'no zone' => [['zone' => ''], '/zone', 'day.typed_place.zone'];
        yield 'a zone that is not' => [['zone' => 'Europe/Saltreach'], '/zone', 'sky.local_day.zone'];
        yield 'on the moon' => [['elevation' => '384400000'], '/elevation', 'values.between(what: what.elevation, least: -500, most: 9000)'];
        yield 'elevation in words' => [['elevation' => 'low'], '/elevation', 'day.typed_place.elevation'];
        yield 'glow below nothing' => [['sky_glow' => '-1'], '/sky_glow', 'values.between(what: what.lux, least: 0, most: 100)'];
        yield 'two lines' => [['name' => "Salt\nreach"], '/name', 'sky.site.name(most_name_characters: 200)'];
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('mistakes')]
    public function testMistakesAreToldByTheirField(array $typed, string $pointer, string $says): void
    {
        try {
            TypedPlace::read($typed + self::GOOD);
            self::fail('taken');
        } catch (InvalidInput $invalid) {
            $messages = array_column($invalid->problems, 'message', 'pointer');
            self::assertArrayHasKey($pointer, $messages);
            self::assertStringContainsString($says, str_replace("\u{2212}", '-', (string) $messages[$pointer]));
        }
    }

    public function testAllMistakesAreToldAtOnce(): void
    {
        try {
            TypedPlace::read(['latitude' => 'x', 'longitude' => '200', 'date' => 'soon', 'zone' => 'Nowhere', 'elevation' => 'y']);
            self::fail('taken');
        } catch (InvalidInput $invalid) {
            $pointers = array_column($invalid->problems, 'pointer');
            sort($pointers);
            self::assertSame(['/date', '/elevation', '/latitude', '/longitude', '/zone'], array_values(array_unique($pointers)));
        }
    }

    /** As maps and phones copy them, into either field. */
    public function testCoordinatesThatComeTogetherStandEachInItsOwn(): void
    {
        foreach (['52.2, 0.9', "52°12'N 0°54'E", 'N 52 12.0 E 0 54.0', 'geo:52.2,0.9', 'https://maps.example/@52.2,0.9,12z', '52,2 0,9', '52.2;0.9'] as $pasted) {
            foreach (['latitude', 'longitude'] as $field) {
                $place = TypedPlace::read([$field => $pasted, 'zone' => 'london']);
                self::assertEqualsWithDelta([52.2, 0.9], [$place->latitude, $place->longitude], 1e-9, $pasted);
                self::assertSame('Europe/London', $place->zone);
            }
        }
        $west = TypedPlace::read(['latitude' => "33°54'S 18°24'W", 'zone' => 'UTC']);
        self::assertEqualsWithDelta([-33.9, -18.4], [$west->latitude, $west->longitude], 1e-9);
        $comma = TypedPlace::read(['latitude' => '51,85', 'longitude' => '-1,9', 'zone' => 'UTC']);
        self::assertSame([51.85, -1.9], [$comma->latitude, $comma->longitude], 'a decimal comma is no second number');
    }

    public function testAZoneThatDoesNotExistAndAPlaceThatIsNoneAreRefusedByTheirFields(): void
    {
        foreach ([[['latitude' => '52.2', 'longitude' => '0.9', 'zone' => 'Saltreach'], '/zone'], [['latitude' => '97, 200', 'zone' => 'UTC'], '/latitude']] as [$typed, $pointer]) {
            try {
                TypedPlace::read($typed);
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertContains($pointer, array_column($invalid->problems, 'pointer'));
            }
        }
        $polar = TypedPlace::read(['latitude' => '89', 'longitude' => '180', 'zone' => 'UTC', 'date' => '2027-06-21']);
        self::assertSame([89.0, 180.0], [$polar->latitude, $polar->longitude]);
    }
}
