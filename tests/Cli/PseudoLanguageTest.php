<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Words\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The commands in the pseudo-language, which has each text of the catalogue in brackets: what they say of themselves, of plans and of errors is
 * within them, what the console's library says of itself too.
 */
final class PseudoLanguageTest extends TestCase
{
    use RunsEvrent;

    protected function setUp(): void
    {
        putenv('EVRENT_LANGUAGE=' . Catalogue::PSEUDO);
    }

    protected function tearDown(): void
    {
        putenv('EVRENT_LANGUAGE');
    }

    public function testEveryCommandSaysWhatItDoes(): void
    {
        $commands = self::lines(self::evrent(['list', '--raw'])[1]);
        self::assertGreaterThan(12, count($commands));
        foreach ($commands as $command) {
            $name = (string) strtok($command, ' ');
            self::assertSame([], self::foreign(substr($command, strlen($name))), $name);
            self::assertSame([], self::foreign(self::evrent([$name, '--help'])[1]), "{$name} --help");
        }
    }

    /**
     * @return iterable<string, array{list<string>}>
     */
    public static function asked(): iterable
    {
        $plan = dirname(__DIR__, 2) . '/resources/plans/slide-pan-tilt.plan.json';
        yield 'findings' => [['check', $plan]];
        yield 'no file' => [['check', '/nowhere']];
        yield 'no plan' => [['run', __FILE__]];
        yield 'no port' => [['camera', '--port=x']];
        yield 'no place' => [['day', '--lat=x', '--lon=1', '--date=2027-03-23']];
        yield 'nobody there' => [['jog', '--rig=127.0.0.1:1', $plan]];
        yield 'no such option' => [['check', '--foo', $plan]];
        yield 'no value' => [['run', $plan, '--log']];
        yield 'a value too many' => [['check', '--explain=2', $plan]];
        yield 'no plan named' => [['check']];
        yield 'two plans' => [['check', $plan, $plan]];
        yield 'no such command' => [['shoot']];
        yield 'a slip of a command' => [['chek']];
        yield 'commands' => [['list']];
        yield 'nothing to export' => [['export', 'xmp', $plan]];
    }

    /**
     * @param list<string> $arguments
     */
    #[DataProvider('asked')]
    public function testWhatIsSaidIsOfTheCatalogue(array $arguments): void
    {
        [, $out, $errors] = self::evrent($arguments);
        self::assertNotSame('', trim("{$out}{$errors}"));
        self::assertSame([], self::foreign("{$out}\n{$errors}"));
    }

    /**
     * @return list<string> lines with words outside the brackets
     */
    private static function foreign(string $text): array
    {
        $inner = '';
        do {
            // What was put into a text and was no message is marked: it is read like what stands outside.
            $text = (string) preg_replace_callback('~⟪([^⟪⟫⟦⟧]*)⟫~u', static function (array $put) use (&$inner): string {
                // A file, or an option by its name, stays as it is.
                $inner .= preg_match('~^(?:[A-Z]{3,}|/\S+|lat|--?\w+|"\w+"|plan|shoot|chek|check|explain)$~D', $put[1]) === 1 ? '' : "\n{$put[1]}";

                return '';
            }, $text, -1, $marked);
            $text = (string) preg_replace('~⟦[^⟦⟧⟪⟫]*⟧~u', '', $text, -1, $count);
        } while ($count + $marked > 0);
        $text .= $inner;

        return array_values(array_filter(self::lines($text), static fn (string $line): bool =>
            // Names of options and arguments, and of the program.
            preg_match('~\p{L}{3,}~u', (string) preg_replace('~--?[\w|=\[\]-]+|\b[Ee]vrent\b|(?:\|v+)+|^ {2}\w[\w-]*(?= |$)|<[^>]*>|(?:\w+, )+\w+$~', '', $line)) === 1));
    }

    /**
     * @return list<string>
     */
    private static function lines(string $text): array
    {
        return array_values(array_filter(explode("\n", $text), static fn (string $line): bool => trim($line) !== ''));
    }
}
