<?php

declare(strict_types=1);

namespace Tests\Core\Messages;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Words\Catalogue;
use PHPUnit\Framework\TestCase;

final class JoinedTest extends TestCase
{
    /** Stored and read again, whatever their number, and said in their order. */
    public function testManyPartsAreReadAgainAsTheyWere(): void
    {
        foreach ([1, 2, 3, 5, 64, 500] as $count) {
            $parts = array_map(static fn (int $n): Quantity => Quantity::photos($n), range(1, $count));
            $joined = Joined::of($parts, Joined::COMMA);
            $again = Message::stored(Message::toStore(new Message('units.plain', ['first' => $joined, 'last' => ''])));
            self::assertInstanceOf(Message::class, $again);
            $said = Catalogue::of('en')->say($again);
            self::assertSame(implode(', ', array_map(Catalogue::of('en')->say(...), $parts)), $said);
        }
    }

    public function testWhatIsEmptyIsLeftOut(): void
    {
        self::assertSame('', Joined::of(['', null]));
        self::assertSame('alone', Joined::of([null, 'alone', '']));
        self::assertSame('units.comma(first: units.comma(first: a, last: b), last: c)', (string) Joined::of(['a', '', 'b', null, 'c'], Joined::COMMA));
    }
}
