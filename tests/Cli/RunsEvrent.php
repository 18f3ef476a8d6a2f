<?php

declare(strict_types=1);

namespace Tests\Cli;

/**
 * The program as a process.
 */
trait RunsEvrent
{
    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function evrent(array $arguments, string $stdin = ''): array
    {
        $process = proc_open([PHP_BINARY, '-d', 'memory_limit=200M', dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $stdin);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }
}
