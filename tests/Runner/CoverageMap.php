<?php

declare(strict_types=1);

namespace Tests\Runner;

/**
 * Which tests run through which lines, as the last run with coverage saw it, and the sources as they were then. A test is a method with all of
 * its data sets. Kept in a folder, a file for each suite that was run, so that two can be run at a time.
 */
final class CoverageMap
{
    /** @var array<string, int> place of each test in the sets */
    private array $places = [];

    /** @var array<string, array<int, string>> by file and line: a set of tests, a bit each */
    private array $sets = [];

    /** @var array<string, float> seconds by test */
    private array $seconds = [];

    /**
     * @param string $file where it is kept
     */
    public static function in(string $file): self
    {
        $map = new self();
        if (is_file($file)) {
            /** @var array{array<string, int>, array<string, array<int, string>>, array<string, float>} $kept */
            $kept = unserialize((string) gzuncompress((string) file_get_contents($file)), ['allowed_classes' => false]);
            [$map->places, $map->sets, $map->seconds] = $kept;
        }

        return $map;
    }

    /**
     * @param string                        $test  class::method
     * @param array<string, array<int, int>> $lines as pcov has them: by path and line, 1 where it was run through
     */
    public function add(string $test, array $lines, string $root, float $seconds): void
    {
        $place = $this->places[$test] ??= count($this->places);
        $this->seconds[$test] = ($this->seconds[$test] ?? 0.0) + $seconds;
        foreach ($lines as $path => $counts) {
            $file = substr($path, strlen($root) + 1);
            foreach ($counts as $line => $count) {
                if ($count > 0) {
                    $set = str_pad($this->sets[$file][$line] ?? '', intdiv($place, 8) + 1, "\0");
                    $set[intdiv($place, 8)] = chr(ord($set[intdiv($place, 8)]) | 1 << $place % 8);
                    $this->sets[$file][$line] = $set;
                }
            }
        }
    }

    public function keep(string $file): void
    {
        file_put_contents("{$file}.new", gzcompress(serialize([$this->places, $this->sets, $this->seconds]), 3));
        rename("{$file}.new", $file);
    }

    public function knows(string $file): bool
    {
        return isset($this->sets[$file]);
    }

    /**
     * @param list<int> $lines none for all of the file
     *
     * @return list<string> tests that run through any of them
     */
    public function testsAt(string $file, array $lines): array
    {
        $sets = $this->sets[$file] ?? [];
        $union = '';
        foreach ($lines === [] ? $sets : array_intersect_key($sets, array_flip($lines)) as $set) {
            $length = max(strlen($union), strlen($set));
            $union = str_pad($union, $length, "\0") | str_pad($set, $length, "\0");
        }
        $tests = [];
        foreach ($this->places as $test => $place) {
            if (isset($union[intdiv($place, 8)]) && (ord($union[intdiv($place, 8)]) >> $place % 8 & 1) === 1) {
                $tests[] = $test;
            }
        }

        return $tests;
    }

    /**
     * @return list<string> of the tests that were run
     */
    public function classes(): array
    {
        return array_values(array_unique(array_map(static fn (string $test): string => explode('::', $test)[0], array_keys($this->places))));
    }

    public function secondsOf(string $test): float
    {
        return $this->seconds[$test] ?? 0.0;
    }
}
