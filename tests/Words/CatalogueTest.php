<?php

declare(strict_types=1);

namespace Tests\Words;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Words\Catalogue;
use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The catalogue is whole: what is named has words in every language, with the same arguments, and nothing in it is left over.
 */
final class CatalogueTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    public function testEveryLanguageHasTheSameWordsWithTheSameArguments(): void
    {
        $english = self::words('en');
        self::assertNotSame([], $english);
        foreach (array_diff(Catalogue::LANGUAGES, ['en']) as $language) {
            $other = self::words($language);
            self::assertSame([], array_keys(array_diff_key($english, $other)), "not in {$language}");
            self::assertSame([], array_keys(array_diff_key($other, $english)), "only in {$language}");
            foreach ($english as $key => $words) {
                self::assertSame(self::arguments($words), self::arguments($other[$key]), "{$key} in {$language}");
            }
        }
    }

    /** A shell takes the same texts from the file as PHP does, and puts in what is given. */
    public function testTheLauncherReadsItsTextsWithoutPhp(): void
    {
        foreach (Catalogue::LANGUAGES as $language) {
            /** @var array<string, string> $words */
            $words = require self::ROOT . "/lang/{$language}/launch.php";
            $script = 'source "$1/bin/lib/common.sh"; for key in "${@:2}"; do words "$key"; echo; done; words port_in_use port=8710';
            exec('EVRENT_LANGUAGE=' . $language . '_XX.UTF-8 ' . implode(' ', array_map(escapeshellarg(...), ['bash', '-c', $script, '-', self::ROOT, ...array_keys($words)])), $lines);
            self::assertSame([...array_values($words), str_replace(':port', '8710', $words['port_in_use'])], $lines);
            $lines = [];
        }
    }

    /** Where none of the framework's helpers are loaded, too. */
    public function testAKeyWithoutTextStandsForItselfOnTheCommandLine(): void
    {
        $code = 'require $argv[1]; echo Evrent\Words\Words::of("units.no_such_text", count: 1), " ", Evrent\Words\Words::of("none.at.all");';
        exec(implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, '-r', $code, self::ROOT . '/cli/autoload.php'])), $lines, $status);
        self::assertSame([0, ['units.no_such_text none.at.all']], [$status, $lines]);
    }

    /** Plurals have one form for one and one for more; English and Spanish alike. */
    public function testPluralsHaveTwoForms(): void
    {
        foreach (Catalogue::LANGUAGES as $language) {
            foreach (self::words($language) as $key => $words) {
                self::assertLessThanOrEqual(1, substr_count($words, '|'), "{$key} in {$language}");
                self::assertSame(trim($words) === '', false, "{$key} in {$language} is empty");
            }
        }
    }

    public function testWhatIsNamedHasWordsAndNothingIsLeftOver(): void
    {
        $words = self::words('en');
        [$named, $begun, $asked] = self::named();
        foreach ($asked as $key => $where) {
            self::assertArrayHasKey($key, $words, "{$where} names {$key}");
        }
        $unused = array_filter(array_keys($words), static fn (string $key): bool => !isset($named[$key]) && !isset($named[substr($key, 0, (int) strrpos($key, '.'))])
            && array_filter($begun, static fn (string $start): bool => str_starts_with($key, $start)) === []);
        self::assertSame([], array_values($unused), 'nothing names these');
    }

    /**
     * @return iterable<string, array{string, Message|Quantity, string}> language, message and what is said
     */
    public static function said(): iterable
    {
        yield 'a number with its decimal sign' => ['es', Quantity::rounded(2.25), '2,25'];
        yield 'and in English' => ['en', Quantity::rounded(2.25), '2.25'];
        yield 'a shutter time' => ['es', Quantity::shutter(1 / 125), '1/125'];
        yield 'seconds' => ['es', Quantity::seconds(5.58), '5,58 s'];
        yield 'thousands' => ['en', Quantity::photos(1_200), '1,200 photos'];
        yield 'four figures stay together' => ['es', Quantity::photos(1_200), '1200 fotos'];
        yield 'five do not' => ['es', Quantity::photos(12_000), "12\u{202f}000 fotos"];
        yield 'one' => ['es', Quantity::photos(1), '1 foto'];
        yield 'none' => ['en', Quantity::stops(0.04), 'no stops'];
        yield 'one as it is read' => ['en', Quantity::stops(0.96), '1 stop'];
        yield 'a range with signs' => ['en', Quantity::betweenSigned(-2.5, 0.3, 1, 'stop'), '−2.5 to +0.3 stops'];
        yield 'a range of one' => ['en', Quantity::betweenSigned(1.0, 1.0, 1, 'stop'), '+1 stop'];
        yield 'a range of nothing' => ['en', Quantity::betweenSigned(0.02, -0.03, 1, 'stop'), '0 stops'];
        yield 'a list' => ['es', new Message('checks.verdict.not_checked', ['parts' => ['a', 'b', 'c']]), 'Sin comprobar: a, b y c.'];
        yield 'the plural for its number' => ['en', new Message('checks.report.unjudged', ['count' => 1]), '1 check failed'];
        yield 'and for more' => ['en', new Message('checks.report.unjudged', ['count' => 3]), '3 checks failed'];
        yield 'one within another' => ['es', new Message('fixes.spread', ['photos' => Quantity::photos(300)]), 'Repartir el movimiento en 300 fotos'];
        yield 'with a capital' => ['es', Joined::capital(Quantity::photos(0)), 'Ninguna foto'];
    }

    #[DataProvider('said')]
    public function testSays(string $language, Message|Quantity $message, string $said): void
    {
        self::assertSame($said, Catalogue::of($language)->say($message));
    }

    /** A name that somebody typed stays as it is, whatever it looks like. */
    public function testWhatWasTypedIsNoPlaceholder(): void
    {
        $message = new Message('units.and', ['first' => ':last |x', 'last' => '<b>']);
        self::assertSame(':last |x and <b>', Catalogue::of('en')->say($message));
        self::assertSame('units', Catalogue::of('en')->say('units'));
    }

    /** What was stored comes back as it was, and what an earlier version stored is shown as it is. */
    public function testStoredMessages(): void
    {
        $message = new Message('units.and', ['first' => Quantity::betweenSigned(-1.0, 2.5, 1, 'stop'), 'last' => [new Message('axes.pan'), 'x', 3]]);
        $stored = json_encode($message, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        self::assertEquals($message, Message::stored($stored));
        self::assertSame('Interval 7.2 s', Message::stored('Interval 7.2 s'));
        foreach (['{"key":', '{"key":3}', '{"key":"a","arguments":{"b":{"form":"miles","value":1}}}', '{"key":"a","arguments":{"b":null}}'] as $broken) {
            self::assertSame($broken, Message::stored($broken));
        }
    }

    public function testTheNearestLanguage(): void
    {
        $asking = [
            'es_ES.UTF-8' => 'es', 'es-MX,es;q=0.9,en;q=0.8' => 'es', 'en;q=0.5, es;q=0.7' => 'es', 'fr-FR,fr;q=0.9,es;q=0.3' => 'es', 'C.UTF-8' => 'en', '' => 'en',
            'de' => 'en', 'en-GB,es;q=0.9' => 'en',
        ];
        foreach ($asking as $asked => $language) {
            self::assertSame($language, Catalogue::nearest($asked), $asked);
        }
    }

    /**
     * @return array<string, string> every word of a language by its key
     */
    private static function words(string $language): array
    {
        $words = [];
        foreach (self::files($language) as $file) {
            self::flat(basename($file, '.php'), require $file, $words);
        }

        return $words;
    }

    /**
     * @return list<string>
     */
    private static function files(string $language): array
    {
        $files = glob(self::ROOT . "/lang/{$language}/*.php");
        self::assertIsArray($files);

        return $files;
    }

    /**
     * @param array<string, string> $words
     */
    private static function flat(string $key, mixed $value, array &$words): void
    {
        if (is_array($value)) {
            foreach ($value as $name => $one) {
                self::flat("{$key}.{$name}", $one, $words);
            }

            return;
        }
        self::assertIsString($value, $key);
        $words[$key] = $value;
    }

    /**
     * @return list<string>
     */
    private static function arguments(string $words): array
    {
        preg_match_all('/:([A-Za-z_]\w*)/', $words, $found);
        $arguments = array_values(array_unique(array_map(lcfirst(...), $found[1])));
        sort($arguments);

        return $arguments;
    }

    /** A parameter or variable of that name would stand in the function's place: what it says would be lost in an error. */
    public function testNoScriptHidesTheFunctionThatSaysItsWords(): void
    {
        $hidden = [];
        $calls = 0;
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT . '/resources/js', FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(SplFileInfo::class, $file);
            foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $n => $line) {
                $calls += substr_count($line, 'phrase(');
                if (!str_starts_with($line, 'import ') && preg_match('/\bphrase\b(?!\()/', $line) === 1) {
                    $hidden[] = $file->getFilename() . ':' . ($n + 1);
                }
            }
        }
        self::assertSame([], $hidden);
        self::assertGreaterThan(60, $calls);
    }

    /**
     * @return array{array<string, string>, list<string>, array<string, string>} what may be a key, how keys begin that are put together, and what is asked for by its key
     */
    private static function named(): array
    {
        $named = $begun = $asked = [];
        foreach (['core', 'app', 'cli', 'devices', 'words', 'resources/views', 'resources/js', 'routes', 'database'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT . "/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
                if (!$file instanceof SplFileInfo || !in_array($file->getExtension(), ['php', 'js'], true)) {
                    continue;
                }
                $source = (string) file_get_contents($file->getPathname());
                $groups = implode('|', array_map(static fn (string $one): string => basename($one, '.php'), self::files('en')));
                preg_match_all("/['\"`]((?:{$groups})\\.[a-z0-9_.]*)(['\"]|\\{|\\$)/", $source, $found, PREG_SET_ORDER);
                preg_match_all("/(?:new Message|__|Words::of|trans_choice|\bphrase)\(\s*'([a-z_]+\.[a-z0-9_.]+)'\s*[,)]/", $source, $keys);
                $asked += array_fill_keys($keys[1], $file->getFilename());
                foreach ($found as [, $key, $end]) {
                    if (str_ends_with($key, '.') || str_ends_with($key, '_') || !in_array($end, ["'", '"'], true)) {
                        $begun[] = $key;
                    } else {
                        $named[$key] = $file->getFilename();
                    }
                }
            }
        }

        // What bin/ says has a file of its own, which it reads without PHP.
        foreach ((array) glob(self::ROOT . '/bin/{,lib/}*', GLOB_BRACE) as $file) {
            $source = is_file((string) $file) ? (string) file_get_contents((string) $file) : '';
            preg_match_all('/\b(?:words|tell|loudly) "?(\w+)/', $source, $keys);
            preg_match_all('/\bwrite_error_page (\w+)/', $source, $pages);
            foreach ([...$keys[1], ...array_map(static fn (string $page): string => "{$page}_title", $pages[1])] as $key) {
                $named["launch.{$key}"] = basename((string) $file);
            }
        }
        $begun[] = 'launch.bad_';
        $begun[] = 'launch.away_';
        $begun[] = 'launch.full_';

        return [$named, $begun, $asked];
    }
}
