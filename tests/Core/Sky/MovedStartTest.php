<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Format\StartText;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Start;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A start that is moved along the day is where it was moved to, and is told in its own way.
 */
final class MovedStartTest extends TestCase
{
    /**
     * @return iterable<string, array{Site}>
     */
    public static function sites(): iterable
    {
        yield 'an estuary' => [new Site('', 51.85, 1.9, 'Europe/London', '2027-03-23')];
        yield 'clocks go forward' => [new Site('', 51.85, 1.9, 'Europe/London', '2027-03-28')];
        yield 'clocks go back' => [new Site('', 51.85, 1.9, 'Europe/London', '2027-10-31')];
        yield 'far south' => [new Site('', -45.0, 170.5, 'Pacific/Auckland', '2027-06-21')];
        yield 'half an hour off' => [new Site('', 19.1, 72.9, 'Asia/Kolkata', '2027-01-10')];
        yield 'the sun stays up' => [new Site('', 69.6, 18.9, 'Europe/Oslo', '2027-06-21')];
    }

    #[DataProvider('sites')]
    public function testAnyEventThatComesCanBeMovedByMinutes(Site $site): void
    {
        $found = 0;
        foreach (StartEvent::cases() as $event) {
            $start = $event === StartEvent::Clock ? Start::at('12:00') : new Start($event, null, -1200.0, $event->needsHeight() ? 5.0 : null);
            $from = $start->instant($site);
            if ($from === null) {
                continue;
            }
            $found++;
            foreach ([-3_600.0, -300.0, 0.0, 60.0, 5_400.0] as $by) {
                $moved = $start->movedTo($site, $from->plusSeconds($by));
                self::assertSame($event, $moved->event);
                if ($event !== StartEvent::Clock) {
                    self::assertEqualsWithDelta($from->unixSeconds + $by, $moved->instant($site)?->unixSeconds, 0.5, $event->value);
                }
                self::assertEquals($moved, StartText::read(StartText::write($moved)), StartText::write($moved));
            }
        }
        self::assertGreaterThan(2, $found);
    }

    /** Each event's instant is where the sky is as the event says; the day's own clock has it. */
    #[DataProvider('sites')]
    public function testEventsLieInTheDayAndInTheirOrder(Site $site): void
    {
        $at = static fn (StartEvent $event): ?float => (new Start($event))->instant($site)?->unixSeconds;
        $inOrder = [
            'dawn' => [StartEvent::AstronomicalDawn, StartEvent::NauticalDawn, StartEvent::CivilDawn, StartEvent::Sunrise],
            'dusk' => [StartEvent::Sunset, StartEvent::CivilDusk, StartEvent::NauticalDusk, StartEvent::AstronomicalDusk],
        ];
        foreach ($inOrder as $name => $events) {
            $times = array_values(array_filter(array_map($at, $events), static fn (?float $time): bool => $time !== null));
            $sorted = $times;
            sort($sorted);
            self::assertSame($sorted, $times, $name);
            foreach ($times as $time) {
                self::assertGreaterThanOrEqual($site->day->begins->unixSeconds, $time);
                self::assertLessThan($site->day->ends->unixSeconds, $time);
            }
        }
    }

    public function testAClockThatIsMovedBeyondMidnightIsTheNextDays(): void
    {
        $site = new Site('', 51.85, 1.9, 'Europe/London', '2027-03-23');
        $moved = Start::at('23:30')->movedTo($site, $site->day->at('23:30')->plusSeconds(3_600.0));
        self::assertSame('00:30 next day', StartText::write($moved));
        self::assertEqualsWithDelta(3_600.0, ($moved->instant($site)->unixSeconds ?? 0.0) - $site->day->at('23:30')->unixSeconds, 0.5);
        $back = $moved->movedTo($site, $site->day->at('22:00'));
        self::assertSame('22:00', StartText::write($back));
    }

    public function testWhatDoesNotHangTogetherIsRefusedByItsField(): void
    {
        $cases = [
            [static fn (): Start => new Start(StartEvent::Clock, '25:00'), '/at'],
            [static fn (): Start => new Start(StartEvent::Clock), '/at'],
            [static fn (): Start => new Start(StartEvent::Sunset, '19:00'), '/at'],
            [static fn (): Start => new Start(StartEvent::Sunset, heightDegrees: 5.0), '/height_deg'],
            [static fn (): Start => new Start(StartEvent::SunSinksTo), '/height_deg'],
            [static fn (): Start => new Start(StartEvent::SunSinksTo, heightDegrees: 91.0), '/height_deg'],
            [static fn (): Start => new Start(StartEvent::Sunset, offsetSeconds: 90_000.0), '/offset_s'],
            [static fn (): Start => new Start(StartEvent::Sunset, offsetSeconds: NAN), '/offset_s'],
            [static fn (): Start => new Start(StartEvent::Sunset, days: 2), '/days'],
        ];
        foreach ($cases as [$make, $pointer]) {
            try {
                $make();
                self::fail($pointer);
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }
}
