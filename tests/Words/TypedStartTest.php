<?php

declare(strict_types=1);

namespace Tests\Words;

use Evrent\Core\Format\StartText;
use Evrent\Core\Sky\Start;
use Evrent\Core\Sky\StartEvent;
use Evrent\Words\Catalogue;
use Evrent\Words\TypedStart;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TypedStartTest extends TestCase
{
    protected function tearDown(): void
    {
        Words::use(Catalogue::of('en'));
    }

    /** Whatever is shown in a field is read back as it was, in every language. */
    public function testWhatIsShownIsReadBack(): void
    {
        foreach ([...Catalogue::LANGUAGES, Catalogue::PSEUDO] as $language) {
            Words::use(Catalogue::of($language));
            foreach (StartEvent::cases() as $event) {
                foreach ([0.0, -1_200.0, 5_400.0, 9_030.0] as $offset) {
                    foreach ([0, 1] as $days) {
                        $kept = StartText::write($event === StartEvent::Clock
                            ? Start::at('05:10', $days)
                            : new Start($event, null, $offset, $event->needsHeight() ? 7.5 : null, $days));
                        if ($language !== Catalogue::PSEUDO) {
                            self::assertSame($kept, TypedStart::kept(TypedStart::shown($kept)), $language . ': ' . TypedStart::shown($kept));
                        }
                        self::assertSame($kept, TypedStart::kept($kept), "{$language}: English is read everywhere");
                    }
                }
            }
        }
    }

    /**
     * @return iterable<array{string, string, string}>
     */
    public static function typed(): iterable
    {
        yield ['es', 'Puesta de sol', 'sunset'];
        yield ['es', '20 min antes de la puesta del sol', '20 min before sunset'];
        yield ['es', 'puesta de sol, 20 min antes', '20 min before sunset'];
        yield ['es', '1 h 30 min después del amanecer', '1 h 30 min after sunrise'];
        yield ['es', 'alba náutica, día siguiente', 'nautical dawn next day'];
        yield ['es', 'la luna sube a 7,5°', 'the moon rises to 7.5°'];
        yield ['es', 'a las 19:40', '19:40'];
        yield ['es', 'mañana a las 05:10', '05:10 next day'];
        yield ['es', 'medianoche', '00:00 next day'];
        yield ['en', 'sunset, 20 min before', '20 min before sunset'];
        yield ['en', '20 min before the sunset', '20 min before sunset'];
        yield 'what nobody can read stays as it was typed' => ['es', 'Cuando pueda', 'Cuando pueda'];
        yield ['es', '', ''];
    }

    #[DataProvider('typed')]
    public function testReadsWhatIsTyped(string $language, string $typed, string $kept): void
    {
        Words::use(Catalogue::of($language));
        self::assertSame($kept, TypedStart::kept($typed));
    }

    public function testLampsComeOnInTheReadersWords(): void
    {
        Words::use(Catalogue::of('es'));
        self::assertSame(['siempre', 'anochecer', '19:40'], array_map(TypedStart::lampsShown(...), ['always', 'dusk', '19:40']));
        self::assertSame(['always', 'dusk', 'always', '19:40'], array_map(TypedStart::lampsKept(...), [' Siempre', 'anochecer', 'always', '19:40']));
    }
}
