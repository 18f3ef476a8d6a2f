<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\Pace;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    public function testItGoesOnAsItWent(): void
    {
        self::assertSame(30.0, Pace::left(1_000, 4_000, 10.0));
        self::assertSame(0.0, Pace::left(10, 10, 10.0));
        self::assertNull(Pace::left(0, 10, 10.0));
        self::assertNull(Pace::left(5, 10, 0.0));
    }
}
