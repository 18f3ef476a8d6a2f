<?php

declare(strict_types=1);

namespace Tests\Mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/**
 * Which test classes run through which lines.
 */
final readonly class Covered
{
    /**
     * @param array<string, array<int, list<string>>> $classes by file and line
     */
    private function __construct(private array $classes)
    {
    }

    /**
     * @param string $report written by PHPUnit's --coverage-php
     */
    public static function in(string $report): self
    {
        $coverage = require $report;
        assert($coverage instanceof CodeCoverage);
        $classes = [];
        /** @var array<string, array<int, ?list<string>>> $files */
        $files = $coverage->getData()->lineCoverage();
        foreach ($files as $file => $lines) {
            foreach ($lines as $line => $tests) {
                $names = array_map(static fn (string $test): string => explode('::', $test)[0], $tests ?? []);
                $classes[$file][$line] = array_values(array_unique($names));
            }
        }

        return new self($classes);
    }

    /**
     * @return list<string> nearest first: those of the same room
     */
    public function classesAt(string $file, int $line): array
    {
        $room = basename(dirname($file));
        $classes = $this->classes[$file][$line] ?? [];
        usort($classes, static fn (string $a, string $b): int => (int) str_contains($b, "\\{$room}\\") <=> (int) str_contains($a, "\\{$room}\\"));

        return $classes;
    }
}
