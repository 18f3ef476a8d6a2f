<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\Month;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MonthTest extends TestCase
{
    /** 1 March 2027 is a Monday; 29 February 2028 a Tuesday. */
    #[DataProvider('months')]
    public function testAMonthIsLaidOutInWeeks(string $day, int $firstDay, int $before, int $weeks, int $days): void
    {
        $month = new Month($day, $firstDay);
        $laid = $month->weeks();
        self::assertCount($weeks, $laid);
        self::assertSame([7], array_values(array_unique(array_map(count(...), $laid))));
        self::assertSame($before, array_search(substr($day, 0, 8) . '01', $laid[0], true));
        self::assertCount($days, array_filter(array_merge(...$laid), is_string(...)));
        self::assertCount(7, array_unique($month->days()));
    }

    /**
     * @return iterable<string, array{string, int, int, int, int}>
     */
    public static function months(): iterable
    {
        yield 'begins with the week' => ['2027-03-23', Month::MONDAY, 0, 5, 31];
        yield 'from Sunday' => ['2027-03-23', Month::SUNDAY, 1, 5, 31];
        yield 'from Saturday' => ['2027-03-23', Month::SATURDAY, 2, 5, 31];
        yield 'a leap year' => ['2028-02-29', Month::MONDAY, 1, 5, 29];
        yield 'six weeks' => ['2027-05-01', Month::MONDAY, 5, 6, 31];
    }

    public function testTheWeekBeginsWhereItIsWanted(): void
    {
        self::assertSame('day.month.name(month: day.month.name_3, year: 2027)', (string) (new Month('2027-03-23'))->name());
        self::assertSame(['day.month.mon', 'day.month.sun'], [(string) (new Month('2027-03-23'))->days()[0], (string) (new Month('2027-03-23', Month::SUNDAY))->days()[0]]);
    }
}
