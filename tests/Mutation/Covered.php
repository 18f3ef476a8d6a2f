<?php

declare(strict_types=1);

namespace Tests\Mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;
use SimpleXMLElement;

/**
 * Which tests run through which lines, and how long each of them takes.
 */
final readonly class Covered
{
    /**
     * @param array<string, array<int, list<string>>> $tests   "class::method" by file and line
     * @param array<string, float>                    $seconds by "class::method", all its cases together
     */
    private function __construct(private array $tests, private array $seconds)
    {
    }

    /**
     * @param string $report written by PHPUnit's --coverage-php
     * @param string $times  written by its --log-junit
     */
    public static function in(string $report, string $times): self
    {
        $coverage = require $report;
        assert($coverage instanceof CodeCoverage);
        $tests = [];
        /** @var array<string, array<int, ?list<string>>> $files */
        $files = $coverage->getData()->lineCoverage();
        foreach ($files as $file => $lines) {
            foreach ($lines as $line => $cases) {
                $tests[$file][$line] = array_values(array_unique(array_map(self::methodOf(...), $cases ?? [])));
            }
        }
        $seconds = [];
        $log = simplexml_load_file($times);
        assert($log instanceof SimpleXMLElement);
        foreach ($log->xpath('//testcase') ?? [] as $case) {
            $method = self::methodOf("{$case['class']}::{$case['name']}");
            $seconds[$method] = ($seconds[$method] ?? 0.0) + (float) $case['time'];
        }

        return new self($tests, $seconds);
    }

    /**
     * @return array<string, list<string>> methods by class: the nearest, those of the same room, first; then the quickest
     */
    public function testsAt(string $file, int $line): array
    {
        $room = basename(dirname($file));
        $classes = [];
        foreach ($this->tests[$file][$line] ?? [] as $test) {
            [$class, $method] = explode('::', $test);
            $classes[$class][] = $method;
        }
        $rank = fn (string $class): array => [!str_contains($class, "\\{$room}\\"), $this->secondsOf([$class => $classes[$class]])];
        uksort($classes, static fn (string $a, string $b): int => $rank($a) <=> $rank($b));

        return $classes;
    }

    /**
     * @param array<string, list<string>> $classes
     */
    public function secondsOf(array $classes): float
    {
        $seconds = 0.0;
        foreach ($classes as $class => $methods) {
            foreach ($methods as $method) {
                $seconds += $this->seconds["{$class}::{$method}"] ?? 0.0;
            }
        }

        return $seconds;
    }

    /**
     * @param string $case as PHPUnit writes it: "class::method#3", 'class::method with data set "…"'
     */
    private static function methodOf(string $case): string
    {
        return (string) preg_replace('/(#| with data set ).*$/s', '', $case);
    }
}
