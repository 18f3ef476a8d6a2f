<?php

declare(strict_types=1);

namespace Tests\Mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;
use SimpleXMLElement;

/**
 * Which tests run through which lines, and how long each of them takes. A test is a case of a method: "class::method", and "#" with the
 * name of its data set if it has one.
 */
final readonly class Covered
{
    /**
     * @param array<string, array<int, list<string>>> $tests   by file and line
     * @param array<string, float>                    $seconds by test
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
            $tests[$file] = array_map(static fn (?array $cases): array => $cases ?? [], $lines);
        }
        $seconds = [];
        $log = simplexml_load_file($times);
        assert($log instanceof SimpleXMLElement);
        foreach ($log->xpath('//testcase') ?? [] as $case) {
            $name = preg_replace('/ with data set (#(\d+)|"(.*)")$/s', '#$2$3', (string) $case['name']);
            $seconds["{$case['class']}::{$name}"] = (float) $case['time'];
        }

        return new self($tests, $seconds);
    }

    /**
     * @return array<string, list<string>> tests by class: the nearest first, those of the same room and those that all is told to; then
     *                                     the quickest
     */
    public function testsAt(string $file, int $line): array
    {
        $room = basename(dirname($file));
        $classes = [];
        foreach ($this->tests[$file][$line] ?? [] as $test) {
            $classes[explode('::', $test)[0]][] = $test;
        }
        $isNear = static fn (string $class): bool => preg_match("/\\\\({$room}|Told)\\\\/", $class) === 1;
        $rank = fn (string $class): array => [!$isNear($class), $this->secondsOf($classes[$class])];
        uksort($classes, static fn (string $a, string $b): int => $rank($a) <=> $rank($b));

        return $classes;
    }

    /**
     * @param list<string> $tests
     */
    public function secondsOf(array $tests): float
    {
        return array_sum(array_map(fn (string $test): float => $this->seconds[$test] ?? 0.0, $tests));
    }
}
