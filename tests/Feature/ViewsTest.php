<?php

declare(strict_types=1);

namespace Tests\Feature;

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
