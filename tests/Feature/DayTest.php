<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DayEvent;
use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/**
 * A shoot's place, its day and what is taken there.
 */
final class DayTest extends PageTestCase
{
    private const PLACE = [
        'name' => 'Saltreach',
        'date' => '2027-06-21',
        'latitude' => '51.85',
        'longitude' => '1.9',
        'elevation' => '4',
        'zone' => 'Europe/London',
        'sky_glow' => '',
    ];

    private static function empty(): Shoot
    {
        return Shoot::query()->create(['name' => 'Scouting', 'place' => '', 'is_demo' => false]);
    }

    public function testAPlaceAndADayGiveTheShootItsLineAndItsShotsTheirSky(): void
    {
        $shoot = self::empty();
        $this->get("/shoots/{$shoot->id}")->assertOk()->assertSee(Words::of('shoots.place.title'))->assertDontSee('id="day-title"', false);
        $this->post("/shoots/{$shoot->id}/shots", ['title' => 'First light', 'starter' => 'slide-pan-tilt']);
        $this->put("/shoots/{$shoot->id}/place", self::PLACE + ['hazards' => ['tide', 'nonsense']])->assertSessionHasNoErrors();
        $this->get("/shoots/{$shoot->id}")->assertOk()->assertSee('id="day-title"', false)->assertSeeInOrder(['Sunrise', '04:33', 'Sunset', '21:15'])->assertSee('tide table');
        $shot = $shoot->shots()->firstOrFail();
        self::assertSame('2027-06-21', self::planOf($shot)->site?->date);
        // One more change for the shot, which can be undone by itself.
        $this->step($shot, 'undo');
        self::assertNull(self::planOf($shot)->site);
    }

    public function testAHorizonDelaysWhatRisesOnTheDayAndInItsShots(): void
    {
        $shoot = self::empty();
        $this->post("/shoots/{$shoot->id}/shots", ['title' => 'First light', 'starter' => 'slide-pan-tilt']);
        $place = self::PLACE + ['horizon' => '30 6, 90 6, 150 2', 'horizon_variation' => '1.5'];
        $this->put("/shoots/{$shoot->id}/place", $place)->assertSessionHasNoErrors();
        self::assertSame('31.5 6, 91.5 6, 151.5 2', $shoot->refresh()->horizon, 'kept from true north');
        $this->get("/shoots/{$shoot->id}")->assertOk()->assertSeeInOrder(['Sunrise', '04:33, over the skyline 05:2', 'Sunset', '21:15'])
            ->assertSee('Not measured, counted as open: from 151.5° clockwise to 31.5°.');
        self::assertSame($shoot->horizon, self::planOf($shoot->shots()->firstOrFail())->site?->horizon);
        // Saved again without a variation, nothing turns.
        $this->put("/shoots/{$shoot->id}/place", ['horizon' => $shoot->horizon] + self::PLACE)->assertSessionHasNoErrors();
        self::assertSame('31.5 6, 91.5 6, 151.5 2', $shoot->refresh()->horizon);
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function badPlaces(): iterable
    {
        yield 'latitude 95' => [['latitude' => '95'], 'latitude', 'from -90 to 90'];
        yield 'longitude as a word' => [['longitude' => 'west'], 'longitude', 'such as -1.9'];
        yield 'one of the two' => [['longitude' => ''], 'longitude', 'latitude and longitude, or neither'];
        yield '30 February' => [['date' => '2027-02-30'], 'date', 'existing date'];
        yield 'zone unknown' => [['zone' => 'Europe/Saltreach'], 'zone', 'time zone'];
        yield 'no zone' => [['zone' => ''], 'zone', 'time zone'];
        yield 'under the sea' => [['elevation' => '-9000'], 'elevation', 'elevation'];
        yield 'a horizon with a bearing alone' => [['horizon' => '80 5, 110'], 'horizon', 'a bearing from 0 to 360 and a height'];
        yield 'a variation in words' => [['horizon' => '80 5, 110 3', 'horizon_variation' => 'west'], 'horizon_variation', 'variation in degrees'];
        yield 'a bright sky' => [['sky_glow' => '1000'], 'sky_glow', 'lux'];
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('badPlaces')]
    public function testABadPlaceIsToldByItsFieldAndNothingTypedIsLost(array $typed, string $field, string $says): void
    {
        $shoot = self::empty();
        $page = $this->followingRedirects()->put("/shoots/{$shoot->id}/place", $typed + self::PLACE)->assertOk();
        self::assertMatchesRegularExpression(
            '~id="p-place-' . $field . '">[^<]*' . preg_quote($says, '~') . '~',
            html_entity_decode((string) $page->getContent()),
        );
        $page->assertSee('value="Saltreach"', false);
        self::assertNull(Shoot::query()->findOrFail($shoot->id)->latitude);
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function placeFiles(): iterable
    {
        yield 'a waypoint' => [
            '<?xml version="1.0"?><gpx xmlns="urn:x"><wpt lat="51.8505" lon="1.9"><ele>3.5</ele><name>Sluice</name></wpt></gpx>',
            '51.8505',
            'Sluice',
        ];
        yield 'a track' => ['<gpx><trk><trkseg><trkpt lat="-33.9" lon="18.4"/></trkseg></trk></gpx>', '-33.9', ''];
        yield 'GeoJSON' => [
            '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Pans"},"geometry":{"type":"LineString","coordinates":[[1.9,51.86],[2,52]]}}]}',
            '51.86',
            'Pans',
        ];
    }

    #[DataProvider('placeFiles')]
    public function testAFileFillsThePlaceInForALook(string $content, string $latitude, string $name): void
    {
        $shoot = self::empty();
        $page = $this->followingRedirects()->put(
            "/shoots/{$shoot->id}/place",
            ['zone' => 'UTC', 'file' => UploadedFile::fake()->createWithContent('place.gpx', $content)],
        )->assertOk();
        $page->assertSee("value=\"{$latitude}\"", false)->assertSee("value=\"{$name}\"", false)->assertSee('value="UTC"', false);
        self::assertNull(Shoot::query()->findOrFail($shoot->id)->latitude);
    }

    /**
     * @return iterable<array{string}>
     */
    public static function noPlaceFiles(): iterable
    {
        $bomb = '<!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]><gpx><wpt lat="1" lon="2"><name>&b;</name></wpt></gpx>';
        foreach (['not XML' => 'lat,lon', 'other XML' => '<kml/>', 'empty' => ' ', 'no point' => '<gpx/>', 'cut' => '<gpx><wpt lat="1"', 'entities' => $bomb, 'beyond' => '<gpx><wpt lat="95" lon="2"/></gpx>', 'JSON of something' => '{"a":1}', 'no numbers' => '{"coordinates":["a","b"]}'] as $name => $content) {
            yield $name => [$content];
        }
    }

    #[DataProvider('noPlaceFiles')]
    public function testAFileThatMarksNoPlaceIsRefusedByTheField(string $content): void
    {
        $shoot = self::empty();
        $page = $this->followingRedirects()->put(
            "/shoots/{$shoot->id}/place",
            ['name' => 'Kept', 'file' => UploadedFile::fake()->createWithContent('place.gpx', $content)],
        )->assertOk();
        self::assertMatchesRegularExpression('~id="p-place-file">(No|Neither|The place|Choose)~', (string) $page->getContent());
        $page->assertSee('value="Kept"', false);
    }

    public function testAShotIsMovedOnTheDayByTextAndByDragging(): void
    {
        $shot = self::shot();
        $this->put(
            "{$shot->path()}/stay",
            ['start' => '20 min before sunset', 'setup_minutes' => '45', 'teardown_minutes' => '10'],
        )->assertRedirect();
        $this->get('/shoots/' . $shot->shoot_id)->assertSee('17:50');
        self::assertSame(45, Shot::query()->findOrFail($shot->id)->setup_minutes);
        // Dragged, it stays told by sunset. 18:30 is 66,600 s after midnight, and sunset 18:10.
        $this->put(
            "{$shot->path()}/stay",
            ['to_s' => '66600'],
            ['HX-Request' => 'true'],
        )->assertOk()->assertSee('id="day"', false)->assertSee('18:30');
        self::assertSame('sunset', self::planOf($shot)->start?->event->value);
        $this->put("{$shot->path()}/stay", ['start' => ''])->assertRedirect();
        self::assertNull(self::planOf($shot)->start);
    }

    public function testABadStartOrBadMinutesAreToldByTheShot(): void
    {
        $shot = self::shot();
        foreach ([['start' => 'soon'], ['setup_minutes' => '-5'], ['teardown_minutes' => '1.5'], ['setup_minutes' => '9999']] as $typed) {
            $field = array_key_first($typed);
            $page = $this->put("{$shot->path()}/stay", $typed, ['HX-Request' => 'true'])->assertStatus(422);
            self::assertMatchesRegularExpression("~id=\"p-stay-{$shot->id}-{$field}\">Enter~", (string) $page->getContent());
        }
        self::assertSame('16:20', self::planOf($shot)->start?->at);
    }

    public function testClashesOfTheOneRigAreTold(): void
    {
        $shot = self::shot();
        $this->get('/shoots/' . $shot->shoot_id)->assertSee('both need the rig')->assertSee('data-clash="yes"', false);
    }

    public function testOwnEventsComeAndGo(): void
    {
        $shoot = self::shoot();
        $this->post("/shoots/{$shoot->id}/events", ['at' => '1 h after sunset', 'label' => 'last ferry'])->assertSessionHasNoErrors();
        $this->get("/shoots/{$shoot->id}")->assertSee('19:10 last ferry');
        $this->post("/shoots/{$shoot->id}/events", ['at' => 'late', 'label' => ''])->assertSessionHasErrors(['event.at', 'event.label']);
        $ferry = DayEvent::query()->where('label', 'last ferry')->firstOrFail();
        $this->delete("/shoots/{$shoot->id}/events/{$ferry->id}")->assertRedirect();
        $this->get("/shoots/{$shoot->id}")->assertSee('“last ferry” deleted')->assertDontSee('19:10 last ferry');
        $this->delete("/shoots/{$shoot->id}/events/{$ferry->id}")->assertNotFound();
        self::assertSame(4, $shoot->dayEvents()->count());
        $this->post("/bin/event/{$ferry->id}")->assertRedirect();
        self::assertSame(5, $shoot->dayEvents()->count());
    }

    public function testTheCalendarIsOneThatCalendarsRead(): void
    {
        $shoot = self::shoot();
        $text = (string) $this->get("/shoots/{$shoot->id}/day.ics")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        // Set up for half an hour before 16:20 there, which is UTC on that day.
        self::assertMatchesRegularExpression('/SUMMARY:Flood tide at the mill race\r\nDTSTART:20270323T155000Z/', $text);
        self::assertMatchesRegularExpression('/SUMMARY:high water\r\nDTSTART:20270323T192500Z/', $text);
    }

    public function testTheDaySheetHasAllThatIsNeededWithoutAScreen(): void
    {
        $this->get('/shoots/' . self::shoot()->id . '/sheet')->assertOk()
            ->assertSeeInOrder(['Sunset', '18:10', 'Low water', '13:20'])
            ->assertSeeInOrder(['17:20', '17:50', '20 min before sunset', '18:32', '18:47', 'Dusk over the salt pans', 'f/5.6', 'Heavy tripod'])
            ->assertSee('Local rules')->assertSee('tide table')->assertSee('Dress for standing still');
        $this->get('/shoots/' . self::empty()->id . '/sheet')->assertOk();
    }

    public function testThePackingListCountsAndKeepsWhatIsTicked(): void
    {
        $shoot = self::shoot();
        $url = "/shoots/{$shoot->id}/packing";
        $this->get($url)->assertOk()->assertSee('Rail of 900 mm')->assertSee('312 photos: ')->assertSee('14.6 Wh at 3 °C');
        $this->put($url, ['packed' => ['legs: Heavy tripod', ['x']]], ['HX-Request' => 'true'])->assertNoContent();
        $page = (string) $this->get($url)->getContent();
        self::assertMatchesRegularExpression('~value="legs: Heavy tripod" checked~', $page);
        self::assertSame(1, substr_count($page, ' checked'));
        $this->get('/shoots/' . self::empty()->id . '/packing')->assertOk()->assertSee(Words::of('shoots.packing.none'));
    }
}
