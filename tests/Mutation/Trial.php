<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\TextUI\Application;
use RuntimeException;

/**
 * One mutant being tried: forked processes that load the changed file in place of the one in core, and run the tests that go through the
 * changed line: first the few classes that are nearest, then, where those notice nothing, all others.
 */
final class Trial
{
    private const NEAREST = 3;
    private const LONGEST_SECONDS = 10.0;
    private const TIMES_AS_LONG = 5.0;
    private const LONGEST_FILTER = 20_000;

    private int $process = 0;
    private float $endsAt = 0.0;

    /**
     * @param string                            $changed the file with the change
     * @param list<array<string, list<string>>> $stages  tests by class, of those that are still to run
     */
    private function __construct(
        public readonly Mutant $mutant,
        private readonly Covered $covered,
        private readonly string $root,
        private readonly string $changed,
        private array $stages,
    ) {
        $this->start();
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

        return new self($mutant, $covered, $root, $changed, array_values(array_filter([array_slice($tests, 0, self::NEAREST), array_slice($tests, self::NEAREST)])));
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
        $isNoticed = !is_int($status) || !pcntl_wifexited($status) || pcntl_wexitstatus($status) !== 0;
        if (!$isNoticed && $this->stages !== []) {
            $this->start();

            return null;
        }
        unlink($this->changed);

        return $isNoticed;
    }

    private function start(): void
    {
        $tests = array_shift($this->stages) ?? [];
        $this->process = pcntl_fork();
        if ($this->process === -1) {
            throw new RuntimeException('No process could be forked.');
        }
        if ($this->process === 0) {
            exit(self::exitCodeOf($tests, self::classIn($this->mutant->file, $this->root), $this->changed, $this->root));
        }
        $this->endsAt = microtime(true) + self::LONGEST_SECONDS + self::TIMES_AS_LONG * $this->covered->secondsOf(array_merge(...array_values($tests)));
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
