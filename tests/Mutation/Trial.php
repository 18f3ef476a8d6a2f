<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\TextUI\Application;
use RuntimeException;

/**
 * One mutant being tried: a forked process that loads the changed file in place of the one in core, and runs the tests that go through
 * the changed line.
 */
final readonly class Trial
{
    private const LONGEST_SECONDS = 10.0;
    private const TIMES_AS_LONG = 5.0;
    private const LONGEST_FILTER = 20_000;

    private function __construct(public Mutant $mutant, private int $process, private float $endsAt, private string $changed)
    {
    }

    /**
     * @param string $root   of the sources
     * @param string $folder for the changed file
     */
    public static function of(Mutant $mutant, Covered $covered, string $root, string $folder): self
    {
        $changed = tempnam($folder, 'mutant') . '.php';
        file_put_contents($changed, $mutant->applied((string) file_get_contents($mutant->file)));
        $tests = $covered->testsAt($mutant->file, $mutant->line);
        $process = pcntl_fork();
        if ($process === -1) {
            throw new RuntimeException('No process could be forked.');
        }
        if ($process === 0) {
            exit(self::exitCodeOf($tests, self::classIn($mutant->file, $root), $changed, $root));
        }

        return new self($mutant, $process, microtime(true) + self::LONGEST_SECONDS + self::TIMES_AS_LONG * $covered->secondsOf(array_merge(...array_values($tests))), $changed);
    }

    /**
     * @return ?bool whether a test noticed it; null while they run. One that runs on for ever is noticed too.
     */
    public function wasNoticed(): ?bool
    {
        $isOver = pcntl_waitpid($this->process, $status, WNOHANG) === $this->process;
        if (!$isOver && microtime(true) < $this->endsAt) {
            return null;
        }
        if (!$isOver) {
            posix_kill($this->process, SIGKILL);
            pcntl_waitpid($this->process, $status);
        }
        unlink($this->changed);

        return !is_int($status) || !pcntl_wifexited($status) || pcntl_wexitstatus($status) !== 0;
    }

    /**
     * @param array<string, list<string>> $tests by class
     */
    private static function exitCodeOf(array $tests, string $changedClass, string $changed, string $root): int
    {
        spl_autoload_register(static function (string $class) use ($changedClass, $changed): void {
            if ($class === $changedClass) {
                require $changed;
            }
        }, prepend: true);
        $files = array_map(
            static fn (string $class): string => $root . '/tests/' . str_replace('\\', '/', substr($class, strlen('Tests\\'))) . '.php',
            array_keys($tests),
        );

        return (new Application())->run([
            'phpunit', '--configuration', "{$root}/phpunit.xml", '--no-progress', '--no-output', '--do-not-cache-result',
            '--stop-on-failure', '--stop-on-error', '--do-not-fail-on-empty-test-suite', '--filter', self::filter(array_merge(...array_values($tests))), ...$files,
        ]);
    }

    private static function classIn(string $file, string $root): string
    {
        return 'Evrent\\Core\\' . str_replace('/', '\\', substr($file, strlen("{$root}/core/"), -strlen('.php')));
    }

    /**
     * @param list<string> $tests
     */
    private static function filter(array $tests): string
    {
        $names = [];
        $methods = [];
        foreach ($tests as $test) {
            $parts = explode('#', $test, 2);
            $set = $parts[1] ?? null;
            $named = $set === null ? '' : ' with data set ' . (ctype_digit($set) ? "#{$set}" : "\"{$set}\"");
            $names[] = preg_quote($parts[0] . $named, '/');
            $methods[$parts[0]] = preg_quote($parts[0], '/');
        }
        $filter = '/^(' . implode('|', $names) . ')$/';

        // A longer one is more than can be matched: then all cases of the methods.
        return strlen($filter) < self::LONGEST_FILTER ? $filter : '/^(' . implode('|', $methods) . ')( with data set .*)?$/s';
    }
}
