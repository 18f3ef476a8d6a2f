<?php

declare(strict_types=1);

namespace Tests\Runner;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * A checkout in small: one source that two tests run through, and a map of it.
 */
final class ChangedTest extends TestCase
{
    private const SOURCE = <<<'PHP'
        <?php
        final class Rail
        {
            private const LENGTH = 900;

            public function first(): int
            {
                return 1;
            }

            public function second(): int
            {
                return 2;
            }
        }
        PHP;

    private string $root = '';

    protected function setUp(): void
    {
        $this->root = sys_get_temp_dir() . '/evrent-changed-' . bin2hex(random_bytes(6));
        foreach (['core/Rig', 'maps/sources/core/Rig', 'choice', 'tests/Core/Rig', 'tests/Feature', 'tests/Browser', 'resources/views'] as $folder) {
            mkdir("{$this->root}/{$folder}", 0o700, true);
        }
        foreach (['core/Rig/Rail.php', 'maps/sources/core/Rig/Rail.php'] as $file) {
            file_put_contents("{$this->root}/{$file}", self::SOURCE);
        }
        foreach (['tests/Core/Rig/RailTest.php', 'tests/Feature/RigTest.php', 'tests/Browser/rig.test.mjs'] as $file) {
            touch("{$this->root}/{$file}");
        }
        $map = new CoverageMap();
        $map->add('Tests\Core\Rig\RailTest::testFirst', ["{$this->root}/core/Rig/Rail.php" => [8 => 1, 13 => -1]], $this->root, 0.1);
        $map->add('Tests\Core\Rig\RailTest::testSecond', ["{$this->root}/core/Rig/Rail.php" => [8 => -1, 13 => 1]], $this->root, 0.1);
        $map->add('Tests\Core\Rig\RailTest::testForMinutes', ["{$this->root}/core/Rig/Rail.php" => [13 => 1]], $this->root, 200.0);
        $map->keep("{$this->root}/maps/unit.map");
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->root]))->mustRun();
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}> what is put in place of what, the tests that are chosen, what is said
     */
    public static function changes(): iterable
    {
        yield 'a line' => [['return 1' => 'return 3'], 'testFirst', '1 tests by the map'];
        yield 'a line put in before it' => [["        return 1;\n" => "        \$a = 1;\n        return 1;\n"], 'testFirst', '1 tests by the map'];
        yield 'a signature' => [['second(): int' => 'second(): ?int'], 'testSecond', 'testForMinutes'];
        yield 'a constant, which no test runs through' => [['= 900' => '= 800'], 'testFirst|testSecond', '3 tests by the map'];
        yield 'both' => [['return 1' => 'return 3', 'return 2' => 'return 4'], 'testFirst|testSecond', 'left to bin/test'];
    }

    /**
     * @param array<string, string> $changes
     */
    #[DataProvider('changes')]
    public function testTestsThatReachTheChangedLinesAreChosen(array $changes, string $tests, string $says): void
    {
        file_put_contents("{$this->root}/core/Rig/Rail.php", strtr(self::SOURCE, $changes));
        [$checks, $said] = $this->chosen(['core/Rig/Rail.php']);
        self::assertSame(['style', 'types', 'unit'], $checks);
        self::assertSame("tests/Core/Rig/RailTest.php\n", $this->choice('unit'));
        self::assertSame("~^(Tests\\\\Core\\\\Rig\\\\RailTest::({$tests}))( with data set .*)?$~s", $this->choice('unit.filter'));
        self::assertSame("core/Rig/Rail.php\n", $this->choice('types'));
        self::assertStringContainsString($says, $said);
    }

    public function testASourceThatIsGoneHasAllOfItsTests(): void
    {
        unlink("{$this->root}/core/Rig/Rail.php");
        self::assertSame(['unit'], $this->chosen(['core/Rig/Rail.php'])[0]);
        self::assertStringContainsString('(testFirst|testSecond)', $this->choice('unit.filter'));
    }

    public function testTemplatesAndTestsHaveThoseThatAreListed(): void
    {
        touch("{$this->root}/resources/views/rig.blade.php");
        [$checks] = $this->chosen(['resources/views/rig.blade.php']);
        self::assertEqualsCanonicalizing(['pages', 'browser'], $checks);
        self::assertSame("tests/Browser/rig.test.mjs\n", $this->choice('browser'));
        self::assertSame(['unit', 'style', 'types'], array_values(array_intersect(['unit', 'style', 'types'], $this->chosen(['tests/Core/Rig/RailTest.php'])[0])));
        self::assertStringContainsString('RailTest::(\w+)', $this->choice('unit.filter'));
    }

    public function testATestThatIsGoneRunsItsWholeLane(): void
    {
        [$checks, $said] = $this->chosen(['tests/Feature/GoneTest.php']);
        self::assertSame(['pages'], $checks);
        self::assertFileDoesNotExist("{$this->root}/choice/pages");
        self::assertStringContainsString('tests/Feature/GoneTest.php is gone: pages runs whole.', $said);
    }

    public function testAFileInNeitherRunsItsWholeLaneAndSaysSo(): void
    {
        file_put_contents("{$this->root}/core/Rig/New.php", '<?php');
        [$checks, $said] = $this->chosen(['core/Rig/New.php', 'resources/odd.xml', 'something.new']);
        self::assertEqualsCanonicalizing(['style', 'types', 'unit', 'pages', 'browser'], $checks);
        self::assertFileDoesNotExist("{$this->root}/choice/unit", 'it runs whole');
        self::assertStringContainsString('core/Rig/New.php is in no map: unit run whole.', $said);
        self::assertStringContainsString('resources/odd.xml is in no map: browser run whole.', $said);
    }

    /**
     * @param list<string> $files
     *
     * @return array{list<string>, string} checks, and what is said
     */
    private function chosen(array $files): array
    {
        $changed = new Changed($this->root, "{$this->root}/maps", ['resources/views/*' => ['tests/Feature/RigTest.php', 'tests/Browser/rig.test.mjs']]);
        $changed->choose($files);
        $changed->write("{$this->root}/choice");

        return [explode("\n", trim($this->choice('checks'))), implode(' ', $changed->said)];
    }

    private function choice(string $name): string
    {
        return (string) file_get_contents("{$this->root}/choice/{$name}");
    }
}
