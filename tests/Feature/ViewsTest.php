<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Facade;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/**
 * Views lay out what they are given: what has to be worked out first is, elsewhere.
 */
final class ViewsTest extends TestCase
{
    private const MOST_CHARACTERS = 160;

    /**
     * @return iterable<string, array{string}>
     */
    public static function views(): iterable
    {
        foreach (Finder::create()->files()->in(dirname(__DIR__, 2) . '/resources/views')->name('*.blade.php') as $file) {
            yield $file->getRelativePathname() => [$file->getContents()];
        }
    }

    #[DataProvider('views')]
    public function testLinesAreShort(string $view): void
    {
        foreach (explode("\n", $view) as $line) {
            self::assertLessThanOrEqual(self::MOST_CHARACTERS, mb_strlen($line), $line);
        }
    }

    /** A view is compiled when it is first shown: a class that it does not import fails then, and not before. */
    #[DataProvider('views')]
    public function testClassesAreImported(string $view): void
    {
        preg_match_all('/(?<![\w\\\\$>:])([A-Z]\w+)::/', (string) preg_replace('/\{\{--.*?--\}\}/s', '', $view), $named);
        $known = static fn (string $class): bool => preg_match("/\buse [^;]*\\b{$class}\\b/", $view) === 1 || class_exists($class)
            || isset(Facade::defaultAliases()[$class]) || in_array($class, ['Words', 'Message'], true);
        self::assertSame([], array_values(array_filter(array_unique($named[1]), static fn (string $class): bool => !$known($class))));
    }

    public function testBlocksOfPhpBindNamesAndNothingElse(): void
    {
        foreach (self::views() as $name => [$view]) {
            preg_match_all('/^ *@php$(.*?)^ *@endphp$/ms', $view, $blocks);
            foreach ($blocks[1] as $block) {
                foreach (explode("\n", trim($block)) as $line) {
                    self::assertMatchesRegularExpression('/^ *(use [\w\\\\ ]+;|\$\w+ = .+;|\[[^\]]+\] = .+;|)$/', $line, $name);
                }
            }
        }
    }
}
