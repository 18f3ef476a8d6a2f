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

        return new self($mutant, $process, microtime(true) + self::LONGEST_SECONDS + self::TIMES_AS_LONG * $covered->secondsOf($tests), $changed);
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
     * @param array<string, list<string>> $tests methods by class
     */
    private static function exitCodeOf(array $tests, string $changedClass, string $changed, string $root): int
    {
        spl_autoload_register(static function (string $class) use ($changedClass, $changed): void {
            if ($class === $changedClass) {
                require $changed;
            }
        }, prepend: true);
        $names = [];
        $files = [];
        foreach ($tests as $class => $methods) {
            $names[] = preg_quote($class, '/') . '::(' . implode('|', $methods) . ')';
            $files[] = $root . '/tests/' . str_replace('\\', '/', substr($class, strlen('Tests\\'))) . '.php';
        }

        return (new Application())->run([
            'phpunit', '--configuration', "{$root}/phpunit.xml", '--no-progress', '--no-output', '--do-not-cache-result',
            '--stop-on-failure', '--stop-on-error', '--filter', '/^(' . implode('|', $names) . ')(?=$| |#)/', ...$files,
        ]);
    }

    private static function classIn(string $file, string $root): string
    {
        return 'Evrent\\Core\\' . str_replace('/', '\\', substr($file, strlen("{$root}/core/"), -strlen('.php')));
    }
}
