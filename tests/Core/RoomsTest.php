<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\Rooms;

/**
 * The rooms of core stand in an order: each uses only those before it. So there is no circle.
 */
final class RoomsTest extends TestCase
{
    public function testEachRoomUsesOnlyThoseBeforeIt(): void
    {
        $uses = Rooms::uses(dirname(__DIR__, 2) . '/core');
        self::assertSame([], Rooms::breaches($uses));
        // That it looks at all: the checks stand on nearly everything, the first room on nothing.
        self::assertGreaterThan(100, array_sum($uses['Checks']));
        self::assertSame([], $uses['Messages']);
    }

    /**
     * @return iterable<string, array{string, string, string}> the room it lies in, its source, and what is told
     */
    public static function breaches(): iterable
    {
        yield 'a use' => ['Motion', "<?php\nuse Evrent\\Core\\Schedule\\Schedule;\n", 'Motion uses Schedule'];
        yield 'a full name' => ['Sky', "<?php\nreturn \\Evrent\\Core\\Shot\\ShotSky::of(\$s);\n", 'Sky uses Shot'];
        yield 'a comment' => ['Values', "<?php\n/** @throws \\Evrent\\Core\\Checks\\Report */\n", 'Values uses Checks'];
        yield 'two rooms that use each other' => ['Plan', "<?php\nuse Evrent\\Core\\Editing\\{Jog, Framing};\n", 'Plan uses Editing'];
        yield 'a folder that is no room' => ['Helpers', "<?php\n", 'Helpers is no room'];
    }

    #[DataProvider('breaches')]
    public function testABreachIsTold(string $room, string $source, string $told): void
    {
        $core = sys_get_temp_dir() . '/evrent-rooms-' . bin2hex(random_bytes(6));
        mkdir("{$core}/{$room}", recursive: true);
        file_put_contents("{$core}/{$room}/Planted.php", $source);
        try {
            self::assertSame([$told], Rooms::breaches(Rooms::uses($core)));
        } finally {
            unlink("{$core}/{$room}/Planted.php");
            rmdir("{$core}/{$room}");
            rmdir($core);
        }
    }
}
