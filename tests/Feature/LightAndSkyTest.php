<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shot;
use App\Pages\DayCalendar;
use App\Pages\ShootPage;
use Evrent\Core\Day\Stay;
use Evrent\Core\Light\Control;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;
use Tests\Core\Plans;

/**
 * Light and sky as they are changed on a shot's page, and the day as calendars take it.
 */
final class LightAndSkyTest extends PageTestCase
{
    private static function dusk(): Shot
    {
        return self::shot([
            '/title' => 'Dusk', '/start' => ['event' => 'sunset', 'offset_s' => -1200], '/light' => ['aperture' => 5.6, 'longest_s' => 4], '/timing/exposure_s' => 0.1,
            '/timing/photos' => 300, '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/rig/base' => ['zero_bearing_deg' => 265],
        ]);
    }

    public function testPartsComeAndGoWithOnePress(): void
    {
        $shot = self::shot();
        foreach (['light' => 'light', 'storage' => 'storage', 'load' => 'load'] as $part => $property) {
            $this->edit($shot, 'part-in', ['part' => $part])->assertOk();
            self::assertNotNull(self::planOf($shot)->$property);
            $this->edit($shot, 'part-out', ['part' => $part])->assertOk();
            self::assertNull(self::planOf($shot)->$property);
        }
        foreach (['power-camera' => 'camera', 'power-rig' => 'rig', 'power-bank' => 'bank'] as $part => $property) {
            $this->edit($shot, 'part-in', ['part' => $part])->assertOk();
            self::assertNotNull(self::planOf($shot)->power?->$property);
        }
        $this->edit($shot, 'part-out', ['part' => 'power-rig'])->assertOk();
        self::assertNull(self::planOf($shot)->power?->rig);
        self::assertNotNull(self::planOf($shot)->power?->bank);
        $this->edit($shot, 'part-in', ['part' => 'wings'])->assertStatus(422);
    }

    public function testTheLightIsPinnedToAMeterAndLetGoAgain(): void
    {
        $shot = self::dusk();
        $before = self::brightness($shot);
        $this->edit(
            $shot,
            'metered',
            ['metered_s' => '1/4', 'metered_aperture' => '5.6', 'metered_iso' => '100', 'metered_at' => 'sunset'],
        )->assertOk();
        self::assertSame(0.25, self::planOf($shot)->light?->metered?->exposure->seconds);
        self::assertNotEquals($before, self::brightness($shot));
        $this->edit($shot, 'metered-out')->assertOk();
        self::assertEquals($before, self::brightness($shot));
    }

    /** @return list<float> of each photo, as the page draws it */
    private static function brightness(Shot $shot): array
    {
        /** @var array<string, mixed> $data */
        $data = json_decode(\App\Pages\BenchData::of(\App\Pages\ShotPage::of(Shot::query()->findOrFail($shot->id))), true, 16, JSON_THROW_ON_ERROR);

        return self::column($data, 'light:error');
    }

    public function testEachSchoolIsAcceptedWithOnePress(): void
    {
        $shot = self::dusk();
        $this->get("{$shot->path()}/schools")->assertOk()->assertSee('Fixed, as the first photo')->assertSee(Words::of('shot.method.stepless'))->assertSee('off by more than 1 stop');
        $this->edit($shot, 'light-by', ['school' => 'stepless'])->assertOk()->assertSee('Timing works');
        self::assertGreaterThan(3, count(self::planOf($shot)->timing->exposure->keys));
        self::assertLessThan(200, max([0, ...array_map(abs(...), self::brightness($shot))]), 'a fifth of a stop at most');
        $this->edit($shot, 'light-by', ['school' => 'aperture_priority'])->assertOk();
        self::assertSame(Control::AperturePriority, self::planOf($shot)->light?->control);
        $this->edit($shot, 'light-by', ['school' => 'fixed'])->assertOk()->assertSee('T23');
        self::assertTrue(self::planOf($shot)->timing->exposure->isConstant());
        $this->edit($shot, 'light-by', ['school' => 'none'])->assertStatus(422);
    }

    public function testNightMayStayNight(): void
    {
        $shot = self::dusk();
        $this->edit($shot, 'night-bias', ['night_stops' => '2'])->assertOk();
        self::assertSame(-2.0, self::planOf($shot)->light?->bias[0]['stops']);
        $this->edit($shot, 'night-bias', ['night_stops' => 'dark'])->assertStatus(422);
    }

    /**
     * @return iterable<string, array{string, array<string, string>, string}> edit, what is given, the field that is told
     */
    public static function mistakes(): iterable
    {
        yield 'a meter without a time' => [
            'metered',
            ['metered_s' => '1', 'metered_aperture' => '8', 'metered_iso' => '100', 'metered_at' => ''],
            'metered_at',
        ];
        yield 'a meter in words' => [
            'metered',
            ['metered_s' => 'long', 'metered_aperture' => '8', 'metered_iso' => '100', 'metered_at' => '18:00'],
            'metered_s',
        ];
        yield 'blur of it all' => ['blur-share', ['share' => '100'], 'share'];
        yield 'blur of nothing' => ['blur-share', ['share' => ''], 'share'];
        yield 'smear of nothing' => ['smear', ['pixels' => '0'], 'pixels'];
        yield 'no such body' => ['aim-body', ['place' => '0', 'target' => 'mars', 'at' => ''], 'target'];
        yield 'at no such time' => ['aim-body', ['place' => '0', 'target' => 'sun', 'at' => 'later'], 'at'];
        yield 'a compass of words' => ['compass', ['compass' => 'west', 'variation' => ''], 'compass'];
    }

    /**
     * @param array<string, string> $given
     */
    #[DataProvider('mistakes')]
    public function testMistakesAreToldByTheirField(string $edit, array $given, string $field): void
    {
        $shot = self::dusk();
        $answer = $this->edit($shot, $edit, $given)->assertStatus(422);
        self::assertStringContainsString("/edit/{$field}", str_replace('\\/', '/', (string) $answer->getContent()));
        self::assertSame($shot->current_revision_id, Shot::query()->findOrFail($shot->id)->current_revision_id, 'nothing is saved');
    }

    public function testTheScheduleHasTheIsoOfEachPhoto(): void
    {
        $shot = self::shot(['/light' => ['aperture' => 4, 'iso' => 200, 'iso_changes' => [['frame' => 100, 'iso' => 400]]]]);
        $lines = array_map(
            static fn (string $line): array => str_getcsv($line, ',', '"', ''),
            explode("\n", trim($this->get("{$shot->path()}/schedule.csv")->streamedContent())),
        );
        $iso = (int) array_search('iso', $lines[0], true);
        self::assertSame(['200', '200', '400', '400'], [$lines[1][$iso], $lines[99][$iso], $lines[100][$iso], $lines[240][$iso]]);
    }

    public function testTheCalendarHasShotsFromArrivalToLeavingWithAnAlarmAtTheStart(): void
    {
        $shot = self::dusk();
        $shoot = self::shoot();
        $calendar = Reader::read(DayCalendar::of(new ShootPage($shoot)));
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            assert($event instanceof VEvent);
            $events[self::text($event, 'SUMMARY')] = $event;
        }
        self::assertArrayHasKey('sluice gate is locked', $events);
        $stay = self::stayOf(new ShootPage($shoot), $shot);
        self::assertNotNull($stay?->arrives);
        $event = $events['Dusk'];
        self::assertSame(gmdate('Ymd\THis\Z', (int) $stay->arrives->unixSeconds), self::text($event, 'DTSTART'));
        self::assertSame(gmdate('Ymd\THis\Z', (int) $stay->leaves?->unixSeconds), self::text($event, 'DTEND'));
        $alarm = $event->select('VALARM')[0];
        assert($alarm instanceof Component);
        self::assertSame(gmdate('Ymd\THis\Z', (int) $stay->begins?->unixSeconds), self::text($alarm, 'TRIGGER'));
        self::assertStringContainsString('f/5.6, ISO 100', self::text($event, 'DESCRIPTION'));
    }

    private static function text(Component $part, string $name): string
    {
        $property = $part->select($name)[0] ?? null;
        assert($property instanceof Property);

        return $property->getValue();
    }

    private static function stayOf(ShootPage $page, Shot $shot): ?Stay
    {
        return $page->stay($page->shots[$shot->id] ?? throw new \LogicException('The shot is not on its shoot’s page.'));
    }
}
