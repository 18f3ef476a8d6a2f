<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\Bag;
use Evrent\Core\Day\ClashMending;
use Evrent\Core\Day\Countdown;
use Evrent\Core\Day\DayPlan;
use Evrent\Core\Day\OnSite;
use Evrent\Core\Day\Packed;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Day\Stay;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class OnSiteTest extends TestCase
{
    /** 240 photos every 8 s are 32 min; with 30 min to set up and 15 to pack it is 77 min from arriving to leaving. */
    public function testItIsFromArrivingToLeaving(): void
    {
        $plan = Plans::with(['/timing/start_delay_s' => 60]);
        self::assertSame('1 h 18 min', OnSite::text(OnSite::bookedSeconds($plan), 30, 15));
        self::assertSame('1 h 14 min', OnSite::shooting($plan, '2 h', 30, 15));
    }

    #[DataProvider('wrongTimes')]
    public function testATimeThatCannotBeIsToldByItsField(string $typed, string $says): void
    {
        try {
            OnSite::shooting(Plans::with([]), $typed, 30, 15);
            self::fail("{$typed} is taken");
        } catch (InvalidInput $refused) {
            self::assertSame('/on_site', $refused->problems[0]->pointer);
            self::assertStringContainsString($says, (string) $refused->problems[0]->message);
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function wrongTimes(): iterable
    {
        yield 'no time' => ['long', 'day.on_site.time'];
        yield 'less than setting up and packing' => ['40 min', 'day.on_site.too_short(around: 2700)'];
    }

    #[DataProvider('days')]
    public function testACountdownIsSaidAsPeopleSayIt(string $date, string $told): void
    {
        self::assertSame($told, (string) Countdown::told($date, '2027-03-20'));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function days(): iterable
    {
        yield 'day.countdown.today' => ['2027-03-20', 'day.countdown.today'];
        yield 'day.countdown.tomorrow' => ['2027-03-21', 'day.countdown.tomorrow'];
        yield 'day.countdown.yesterday' => ['2027-03-19', 'day.countdown.yesterday'];
        yield 'over the change of clocks' => ['2027-04-01', 'day.countdown.in(span: day.countdown.days(days: 12))'];
        yield 'far ahead' => ['2027-06-26', 'day.countdown.in(span: day.countdown.weeks(days: 14))'];
        yield 'over' => ['2027-03-10', 'day.countdown.ago(span: day.countdown.days(days: 10))'];
    }

    /** What mends a clash ends it: no shot stands in the other's way after the first or the second offer. */
    public function testWhatMendsAClashEndsIt(): void
    {
        [$first, $second] = [self::stay(1, '16:00'), self::stay(2, '16:30')];
        $rail = ['pan_min' => -180.0, 'pan_max' => 180.0, 'pan_max_speed' => 20.0, 'pan_max_acceleration' => 40.0, 'pan_steps_per_unit' => 100.0];
        $clash = DayPlan::of([$first, $second])->clashes[0];
        $rig = new KitItem(KitKind::Rig, 'Second rail', $rail);
        $mendings = ClashMending::of($clash, [$rig, new KitItem(KitKind::Lens, 'Wide 20 mm', ['focal_mm' => 20.0])]);
        self::assertCount(3, $mendings);
        foreach (array_slice($mendings, 0, 2) as $mending) {
            self::assertNotNull($mending->to);
            $moved = $mending->shot === 1 ? $first : $second;
            $others = $mending->shot === 1 ? $second : $first;
            $site = Schedule::of(self::plan('16:00'))->plan->site;
            self::assertNotNull($site);
            $there = self::stay($moved->id, $site->day->clock($mending->to));
            self::assertSame([], DayPlan::of([$there, $others])->clashes, (string) $mending->label);
        }
        self::assertSame(['Second rail', 2], [$mendings[2]->piece, $mendings[2]->shot]);
    }

    public function testAPackingListIsByBag(): void
    {
        $packed = [new Packed('safety', 'red lamp', 1, ''), new Packed('rig', 'Rail', 1, ''), new Packed('lens', 'Wide', 1, ''), new Packed('card', 'Card', 2, '')];
        self::assertSame([Bag::Camera, Bag::Rig, Bag::Body], array_column(Packed::byBag($packed), 0));
        self::assertSame(['Wide', 'Card'], array_column(Packed::byBag($packed)[0][1], 'what'));
        self::assertSame([], Packed::byBag([]));
    }

    private static function plan(string $start): Plan
    {
        return Plans::with(['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $start]]);
    }

    private static function stay(int $id, string $start): Stay
    {
        return Stay::of($id, ShotFigures::of(Shot::on(Schedule::of(self::plan($start)))), 30, 15);
    }
}
