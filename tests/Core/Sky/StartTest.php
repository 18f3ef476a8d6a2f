<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Format\StartText;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Interpolated;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Star;
use Evrent\Core\Sky\Sun;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StartTest extends TestCase
{
    private static function lisbon(string $date = '2026-05-14'): Site
    {
        return new Site('Lisbon', 38.7, -9.1, 'Europe/Lisbon', $date);
    }

    /**
     * The day's events are those of `bin/evrent day`: sunset 20:40:41, civil dusk 21:10:33.
     *
     * @return iterable<string, array{string, string, string}>
     */
    public static function starts(): iterable
    {
        yield 'by the clock' => ['19.40', '19.40', '2026-05-14T19:40:00+01:00'];
        yield 'after midnight' => ['01:30 (next day)', '01:30 next day', '2026-05-15T01:30:00+01:00'];
        yield 'before sunset' => ['20 min before sunset', '20 min before sunset', '2026-05-14T20:20:41+01:00'];
        yield 'long after sunset' => ['1h30 after Sunset', '1 h 30 min after sunset', '2026-05-14T22:10:41+01:00'];
        yield 'dusk is civil dusk' => ['at dusk', 'civil dusk', '2026-05-14T21:10:33+01:00'];
        yield 'a body on its way down' => ['when the sun sinks to -6', 'the sun sinks to -6°', '2026-05-14T21:10:33+01:00'];
        yield 'a body on its way up' => ['the Milky Way stands 15° high', 'the galactic centre rises to 15°', '2026-05-14T01:38:26+01:00'];
        yield 'with a true minus' => ['the sun sinks to −6°', 'the sun sinks to -6°', '2026-05-14T21:10:33+01:00'];
    }

    #[DataProvider('starts')]
    public function testAStartIsReadWrittenAndFound(string $typed, string $written, string $at): void
    {
        $start = StartText::read($typed);
        self::assertSame($written, StartText::write($start));
        self::assertEquals($start, StartText::read($written));
        $site = self::lisbon();
        self::assertSame($at, $site->day->text($start->instant($site) ?? new Instant(0)));
    }

    /**
     * @return iterable<array{string}>
     */
    public static function nonsense(): iterable
    {
        foreach (['', 'soon', '25:00', '5 before sunset', 'sunset before 5 min', 'the sun rises', 'the moon rises to', 'the moon rises to 95°', '20 min before'] as $text) {
            yield $text => [$text];
        }
    }

    #[DataProvider('nonsense')]
    public function testWhatIsNoStartIsRefusedWithAnExample(string $typed): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches('/format\.start_text\.enter|sky\.start\.height/');
        StartText::read($typed);
    }

    public function testWhatDoesNotHappenThatDayGivesNoStart(): void
    {
        $north = new Site('Far north', 69.6, 18.9, 'Europe/Oslo', '2026-06-21');
        self::assertNull(StartText::read('sunset')->instant($north));
        self::assertNull(StartText::read('the galactic centre rises to 15°')->instant($north));
        self::assertNotNull(StartText::read('22:00')->instant($north));
    }

    public function testATimeThatTheClockLeavesOutIsAnHourOn(): void
    {
        $spring = self::lisbon('2026-03-29');
        self::assertSame('2026-03-29T02:30:00+01:00', $spring->day->text($spring->day->at('01:30')));
    }

    public function testMovedItIsToldInItsOwnWay(): void
    {
        $site = self::lisbon();
        $start = StartText::read('20 min before sunset');
        $to = ($start->instant($site) ?? new Instant(0))->plusSeconds(1500);
        $moved = $start->movedTo($site, $to);
        self::assertSame('5 min after sunset', StartText::write($moved));
        self::assertEqualsWithDelta($to->unixSeconds, $moved->instant($site)?->unixSeconds, 1.0);
        self::assertSame('20:46', StartText::write(StartText::read('19:40')->movedTo($site, $to)));
        self::assertSame('00:40 next day', StartText::write(StartText::read('19:40')->movedTo($site, $site->day->at('19:40')->plusSeconds(18_000))));
    }

    public function testPlacesReadBetweenHoursAreTheTheorysOwn(): void
    {
        foreach ([new Sun(), new Moon(), Star::galacticCentre()] as $body) {
            $between = new Interpolated($body);
            for ($k = 0; $k < 60; $k++) {
                $instant = new Instant(1.8e9 + $k * 40_123.0);
                self::assertLessThan(0.001, $body->place($instant)->separation($between->place($instant)));
                self::assertEqualsWithDelta(1.0, is_finite($body->place($instant)->distanceKilometres) ? $between->place($instant)->distanceKilometres / $body->place($instant)->distanceKilometres : 1.0, 1e-5);
            }
        }
    }
}
