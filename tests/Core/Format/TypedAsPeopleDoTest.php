<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Editing\TypedFigures;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Format\StartText;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Words\TypedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What is typed as people type it: hours in words, primes for minutes and seconds, tomorrow, feet and inches.
 */
final class TypedAsPeopleDoTest extends TestCase
{
    /**
     * @return iterable<string, array{string, ?float}>
     */
    public static function spans(): iterable
    {
        yield 'hours in words' => ['2 hours', 7_200.0];
        yield 'an hour' => ['1 hour', 3_600.0];
        yield 'short' => ['3 hrs', 10_800.0];
        yield 'a half' => ['1.5 h', 5_400.0];
        yield 'both' => ['2 hours 30 minutes', 9_000.0];
        yield 'a mark of the shutter' => ['1/125', 0.008];
        yield 'minutes by a prime' => ['40′', 2_400.0];
        yield 'minutes by an apostrophe' => ["40'", 2_400.0];
        yield 'seconds by two' => ['30″', 30.0];
        yield 'both primes' => ['1\'30"', 90.0];
        yield 'seconds in words' => ['8 seconds', 8.0];
        yield 'minutes and seconds' => ['1:30', 90.0];
        yield 'words alone' => ['hours', null];
        yield 'nonsense' => ['2 hourses', null];
    }

    #[DataProvider('spans')]
    public function testSpans(string $text, ?float $seconds): void
    {
        self::assertSame($seconds, TypedText::seconds($text));
    }

    /** Nobody is on site for a minute and a half: there 1:30 is hours. */
    public function testOnSiteTwoNumbersAreHours(): void
    {
        self::assertSame([5_400.0, 90.0, 7_200.0], [TypedText::longSeconds('1:30'), TypedText::longSeconds('90'), TypedText::longSeconds('2 hours')]);
        self::assertSame(5_400.0, TypedFigures::read(['shooting' => '1:30'], Plans::with([]))->shootingSeconds);
        self::assertSame(90.0, TypedFigures::read(['clip' => '1:30'], Plans::with([]))->clipSeconds);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function starts(): iterable
    {
        yield 'tomorrow' => ['tomorrow 5:30', '5:30 next day'];
        yield 'tomorrow, at' => ['Tomorrow at 5:30 am', '05:30 next day'];
        yield 'evening' => ['8pm', '20:00'];
        yield 'noon' => ['noon', '12:00'];
        yield 'midnight' => ['midnight', '00:00 next day'];
        yield 'tomorrow by the sun' => ['tomorrow 20 min before sunrise', '20 min before sunrise next day'];
    }

    #[DataProvider('starts')]
    public function testStarts(string $typed, string $written): void
    {
        self::assertSame($written, StartText::write(StartText::read($typed)));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function lengths(): iterable
    {
        yield 'inches' => ['24 in', '609.6'];
        yield 'inches by a mark' => ['24"', '609.6'];
        yield 'feet' => ['40′', '12192'];
        yield 'feet and inches' => ['5\' 6"', '1676.4'];
        yield 'both in words' => ['5 ft 6 in', '1676.4'];
        yield 'millimetres' => ['300', '300'];
        yield 'what is none' => ['five feet', 'five feet'];
    }

    #[DataProvider('lengths')]
    public function testLengthsInMillimetres(string $typed, string $millimetres): void
    {
        self::assertSame($millimetres, ShownUnits::position(AxisKind::Linear, $typed));
    }
}
