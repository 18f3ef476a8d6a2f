<?php

declare(strict_types=1);

namespace Tests\Runner;

use Illuminate\Support\Facades\DB;
use PHPUnit\Event\Code\Test;
use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Writes how long each test took, and what it waited for, to the file named by EVRENT_TEST_TIMES: one JSON object a line, in seconds.
 * `processor` is this process and the children it has waited for; `database` the queries; the rest of `wall` is `clock`.
 */
final class TestTimes implements Extension
{
    private static float $databaseSeconds = 0.0;

    /** @var array{wall: float, processor: float, database: float} */
    private array $before = ['wall' => 0.0, 'processor' => 0.0, 'database' => 0.0];

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $file = getenv('EVRENT_TEST_TIMES');
        if ($file === false || $file === '') {
            return;
        }
        TestEvents::around($facade, function (): void {
            $this->before = self::now();
        }, function (Test $test) use ($file): void {
            $this->write($file, $test->file(), $test instanceof TestMethod ? $test->nameWithClass() : $test->name());
        });
    }

    /** Adds the queries of the application that a test has just made to its database time. */
    public static function countQueries(): void
    {
        DB::listen(static function (object $query): void {
            self::$databaseSeconds += is_float($query->time ?? null) ? $query->time / 1_000.0 : 0.0;
        });
    }

    private function write(string $file, string $testFile, string $test): void
    {
        $took = array_map(static fn (float $now, float $before): float => $now - $before, self::now(), $this->before);
        [$wall, $processor, $database] = $took;
        file_put_contents($file, json_encode([
            'file' => str_replace(dirname(__DIR__, 2) . '/', '', $testFile), 'test' => substr((string) strrchr($test, '\\'), 1), 'wall' => $wall, 'processor' => $processor,
            'database' => $database, 'page' => 0.0, 'clock' => max(0.0, $wall - $processor - $database),
        ], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE) . "\n", FILE_APPEND);
    }

    /**
     * @return array{wall: float, processor: float, database: float} seconds since some moment
     */
    private static function now(): array
    {
        $processor = 0.0;
        foreach ([0, 1] as $whose) {
            /** @var array<string, int> $used */
            $used = getrusage($whose);
            $processor += $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
        }

        return ['wall' => hrtime(true) / 1e9, 'processor' => $processor, 'database' => self::$databaseSeconds];
    }
}
