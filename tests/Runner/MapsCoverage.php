<?php

declare(strict_types=1);

namespace Tests\Runner;

use PHPUnit\Event\Code\Test;
use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\TestRunner\ExecutionFinished;
use PHPUnit\Event\TestRunner\ExecutionFinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Keeps a CoverageMap of the run in the file named by EVRENT_COVERAGE_MAP. Needs pcov.
 */
final class MapsCoverage implements Extension
{
    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $file = getenv('EVRENT_COVERAGE_MAP');
        if ($file === false || $file === '') {
            return;
        }
        $map = new CoverageMap();
        $began = 0.0;
        TestEvents::around($facade, static function () use (&$began): void {
            \pcov\clear();
            \pcov\start();
            $began = microtime(true);
        }, static function (Test $test) use ($map, &$began): void {
            \pcov\stop();
            if ($test instanceof TestMethod) {
                /** @var array<string, array<int, int>> $lines */
                $lines = \pcov\collect(\pcov\inclusive, \pcov\waiting());
                $map->add("{$test->className()}::{$test->methodName()}", $lines, dirname(__DIR__, 2), microtime(true) - $began);
            }
        });
        $facade->registerSubscriber(new class ($map, $file) implements ExecutionFinishedSubscriber {
            public function __construct(private readonly CoverageMap $map, private readonly string $file)
            {
            }

            public function notify(ExecutionFinished $event): void
            {
                $this->map->keep($this->file);
            }
        });
    }
}
