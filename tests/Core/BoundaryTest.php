<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The rules of the job stand in core/, which depends on nothing; app/ holds none of them.
 */
final class BoundaryTest extends TestCase
{
    /** What reaches outside: files, clock, chance, network, the environment. */
    private const OUTSIDE = [
        'fopen', 'file_get_contents', 'file_put_contents', 'file', 'unlink', 'mkdir', 'time', 'microtime', 'hrtime', 'date', 'gmdate', 'getdate',
        'strtotime', 'date_default_timezone_get', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'shuffle', 'array_rand', 'uniqid', 'lcg_value',
        'getenv', 'putenv', 'curl_init', 'fsockopen', 'stream_socket_client', 'exec', 'shell_exec', 'proc_open', 'sleep', 'usleep', 'ini_set', 'header',
    ];

    private const ARITHMETIC = ['*', '/', '%', '**', '-', '+', '+=', '-=', '*=', '/=', '%=', '++', '--'];

    private const MATHEMATICS = ['round', 'floor', 'ceil', 'intdiv', 'fmod', 'sqrt', 'pow', 'log', 'log10', 'exp', 'sin', 'cos', 'tan', 'pi', 'array_sum', 'array_product'];

    public function testCoreNamesNothingOutsideItself(): void
    {
        foreach (self::files('core') as $path => $tokens) {
            foreach ($tokens as $i => $token) {
                if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && !str_starts_with(ltrim($token->text, '\\'), 'Evrent\Core')) {
                    self::fail("{$path} line {$token->line} names {$token->text}");
                }
                if (self::isCall($tokens, $i)) {
                    self::assertNotContains(strtolower($token->text), self::OUTSIDE, "{$path} line {$token->line} reaches outside");
                }
                self::assertFalse($token->is([T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE, T_GLOBAL]), "{$path} line {$token->line}");
                self::assertNotContains($token->text, ['$_GET', '$_POST', '$_SERVER', '$_ENV', '$GLOBALS'], "{$path} line {$token->line}");
            }
        }
    }

    /** A worker that lives long must not remember another shot. */
    public function testCoreKeepsNothingBetweenCalls(): void
    {
        foreach (self::files('core') as $path => $tokens) {
            foreach ($tokens as $i => $token) {
                if (!$token->is(T_STATIC)) {
                    continue;
                }
                $next = $i + 1;
                // What may stand between: a type, and blanks.
                while (isset($tokens[$next]) && $tokens[$next]->is([T_WHITESPACE, T_STRING, T_NAME_FULLY_QUALIFIED, T_NAME_QUALIFIED, T_ARRAY, '?', '|'])) {
                    $next++;
                }
                self::assertFalse(isset($tokens[$next]) && $tokens[$next]->is(T_VARIABLE), "{$path} line {$token->line} keeps something");
            }
        }
    }

    public function testCoreWorksAloneInAProcessOfItsOwn(): void
    {
        $core = dirname(__DIR__, 2) . '/core';
        $code = <<<'PHP'
            spl_autoload_register(static function (string $class) use ($core): void {
                if (!str_starts_with($class, 'Evrent\Core\\')) { fwrite(STDERR, $class); exit(3); }
                require $core . '/' . str_replace('\\', '/', substr($class, 12)) . '.php';
            });
            $plan = Evrent\Core\Format\PlanReader::fromJson(stream_get_contents(STDIN));
            $schedule = Evrent\Core\Schedule\Schedule::of($plan);
            echo $schedule->summary->photosTotal, ' ', count(Evrent\Core\Checks\Report::on(Evrent\Core\Shot\Shot::on($schedule))->findings);
            PHP;
        $process = proc_open([PHP_BINARY, '-r', "\$core = '{$core}';\n{$code}"], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], Plans::fixture('1-two-keyframes.plan.json'));
        fclose($pipes[0]);
        $out = stream_get_contents($pipes[1]);
        $errors = stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), (string) $errors);
        self::assertSame('240 0', $out);
    }

    public function testAppHoldsNoArithmeticOfTheJob(): void
    {
        foreach (self::files('app') as $path => $tokens) {
            foreach ($tokens as $i => $token) {
                if (self::isCall($tokens, $i)) {
                    self::assertNotContains(strtolower($token->text), self::MATHEMATICS, "{$path} line {$token->line} computes");
                }
                $operates = $token->id < 256 || $token->is([T_POW, T_INC, T_DEC, T_PLUS_EQUAL, T_MINUS_EQUAL, T_MUL_EQUAL, T_DIV_EQUAL, T_MOD_EQUAL]);
                if (!$operates || !in_array($token->text, self::ARITHMETIC, true)) {
                    continue;
                }
                // A length taken off a limit for text is no arithmetic of the job.
                self::assertStringContainsString('mb_strlen', self::line($tokens, $token->line), "{$path} line {$token->line} computes");
            }
        }
    }

    /**
     * @return iterable<string, list<PhpToken>> tokens without white space and comments, by path
     */
    private static function files(string $folder): iterable
    {
        $root = dirname(__DIR__, 2);
        $count = 0;
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
            $count++;
            $tokens = PhpToken::tokenize((string) file_get_contents($file->getPathname()));
            yield $file->getPathname() => array_values(array_filter($tokens, static fn (PhpToken $token): bool => !$token->isIgnorable()));
        }
        self::assertGreaterThan(10, $count);
    }

    /**
     * @param list<PhpToken> $tokens
     */
    private static function isCall(array $tokens, int $i): bool
    {
        $before = $tokens[$i - 1] ?? null;

        return $tokens[$i]->is(T_STRING)
            && ($tokens[$i + 1] ?? null)?->text === '('
            && ($before === null || !$before->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]));
    }

    /**
     * @param list<PhpToken> $tokens
     */
    private static function line(array $tokens, int $line): string
    {
        return implode(' ', array_map(static fn (PhpToken $token): string => $token->text, array_filter($tokens, static fn (PhpToken $token): bool => $token->line === $line)));
    }
}
