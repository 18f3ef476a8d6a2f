<?php

declare(strict_types=1);

namespace Tests\Core;

use Evrent\Core\Checks\Check;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Edits\PlanEdit;
use Evrent\Core\Editing\TypedEdit;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\Rooms;

/**
 * What the documents for whoever carries on say is so.
 */
final class DocumentsTest extends TestCase
{
    private static function text(string $path): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2) . "/{$path}");
    }

    public function testTheRoomsAreTheRooms(): void
    {
        preg_match_all('/^\| `(\w+)` \| (.+) \|$/m', self::text('docs/architecture.md'), $found);
        self::assertSame(Rooms::ORDER, array_combine($found[1], $found[2]));
    }

    public function testWhatTheyNameIsThere(): void
    {
        foreach (['docs/architecture.md', 'CONTRIBUTING.md', 'README.md', 'docs/running.md', 'docs/testing.md'] as $document) {
            preg_match_all('~`((?:app|bin|bootstrap|cli|core|database|devices|docs|resources|routes|support|tests)/[\w./-]*)`~', self::text($document), $found);
            foreach ($found[1] as $path) {
                self::assertFileExists(dirname(__DIR__, 2) . "/{$path}", "{$document} names it");
            }
        }
    }

    /** The recipe for a check: one that is written and not listed would never be made. */
    public function testEveryCheckThereIsIsMade(): void
    {
        $there = [];
        foreach ((array) glob(dirname(__DIR__, 2) . '/core/Checks/*.php') as $path) {
            $class = 'Evrent\Core\Checks\\' . basename((string) $path, '.php');
            if (is_subclass_of($class, Check::class)) {
                $there[] = $class;
            }
        }
        self::assertEqualsCanonicalizing($there, Report::CHECKS);
        self::assertSame(count($there), count(array_unique(Report::CHECKS)));
    }

    /** The recipe for an edit: each is listed, under a name of its own, and what the page asks for is there. */
    public function testEveryEditThereIsCanBeAskedFor(): void
    {
        $there = [];
        foreach ((array) glob(dirname(__DIR__, 2) . '/core/Editing/Edits/*.php') as $path) {
            $class = 'Evrent\Core\Editing\Edits\\' . basename((string) $path, '.php');
            if (is_subclass_of($class, PlanEdit::class)) {
                $there[] = $class;
            }
        }
        self::assertEqualsCanonicalizing($there, TypedEdit::EDITS);
        $names = array_map(static fn (string $edit): string => $edit::name(), TypedEdit::EDITS);
        self::assertSame($names, array_values(array_unique($names)));
        $asked = [];
        foreach ((array) glob(dirname(__DIR__, 2) . '/resources/views/shots/parts/*.blade.php') as $path) {
            preg_match_all('/<x-edit [^>]*?\bedit="([a-z-]+)"/', (string) file_get_contents((string) $path), $found);
            $asked = [...$asked, ...$found[1]];
        }
        self::assertGreaterThan(10, count($asked));
        self::assertSame([], array_values(array_diff($asked, $names)));
    }
}
