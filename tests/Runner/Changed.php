<?php

declare(strict_types=1);

namespace Tests\Runner;

use RuntimeException;

/**
 * What bin/test changed runs: the tests that reach what has changed since a revision, by the coverage map and by the list in reach.php, and the
 * style and the types of the files that have changed.
 */
final class Changed
{
    /**
     * Where so many tests run through a line that they would take minutes, the longest are left to bin/test. In the map's own seconds: without
     * the compiler and with coverage, three times those of a run.
     */
    private const MOST_SECONDS = ['unit' => 110.0, 'pages' => 80.0];

    /** A signature or a comment, which no test runs through, belongs to the next line that one does, if it is no further away. */
    private const NEAR = 12;
    private const BELONGS_TO_THE_NEXT = '~^\s*($|[{}()\[\],;]+$|/?\*|//|#\[|((public|protected|private|static|final|abstract) )*function )~';

    private const TEST_LANES = ['Feature' => 'pages', 'Browser' => 'browser', 'Endurance' => 'endurance'];
    private const LANES = [
        'core' => ['unit'], 'devices' => ['unit'], 'cli' => ['unit'], 'app' => ['pages'], 'routes' => ['pages'], 'config' => ['pages'], 'database' => ['pages'],
        'bootstrap' => ['pages'], 'resources' => ['browser'], 'public' => ['browser'], 'support' => ['pages', 'endurance'], 'bin' => ['endurance'],
    ];

    /** @var array<string, CoverageMap> by check */
    private array $maps;

    /** @var list<string> what is said about the choice */
    public array $said = [];

    /** @var array<string, array<string, true>> tests of PHPUnit by check: files, or class::method */
    private array $php = ['unit' => [], 'pages' => []];

    /** @var array<string, array<string, true>> files of tests by check */
    private array $scripts = ['browser' => [], 'endurance' => []];

    /** @var array<string, true> checks that are run whole */
    private array $checks = [];

    /** @var list<string> */
    private array $phpFiles = [];

    /**
     * @param string                     $folder of the maps, with the sources as they were
     * @param array<string, list<string>> $reach what the maps cannot see: tests or checks by pattern
     */
    public function __construct(private readonly string $root, private readonly string $folder, private readonly array $reach)
    {
        foreach (['unit', 'pages'] as $check) {
            $this->maps[$check] = CoverageMap::in("{$folder}/{$check}.map");
        }
    }

    /**
     * @param list<string> $files paths from the root
     */
    public function choose(array $files): void
    {
        foreach ($files as $file) {
            $isThere = is_file("{$this->root}/{$file}");
            if ($isThere && str_ends_with($file, '.php') && !str_ends_with($file, '.blade.php')) {
                $this->phpFiles[] = $file;
            }
            if (preg_match('~^tests/(Core|Devices|Properties|Cli|Runner|Feature|Browser|Endurance)/.*(Test\.php|\.test\.mjs)$~', $file, $of) === 1) {
                $lane = self::TEST_LANES[$of[1]] ?? 'unit';
                $this->add($isThere ? $file : $lane);
                $this->said[] = $isThere ? "{$file} is a test." : "{$file} is gone: {$lane} runs whole.";
                continue;
            }
            $declared = $this->declared($file);
            $found = $this->byMap($file);
            array_map($this->add(...), [...$declared, ...$found]);
            if ($declared === [] && $found === []) {
                $lanes = self::LANES[explode('/', $file)[0]] ?? ['unit', 'pages', 'types', 'style'];
                $this->said[] = "{$file} is in no map: " . implode(' and ', $lanes) . ' run whole.';
                array_map($this->add(...), $lanes);
            } else {
                $this->said[] = "{$file}: " . count($found) . ' tests by the map' . ($declared === [] ? '' : ', ' . implode(', ', array_map(basename(...), $declared))) . '.';
            }
        }
    }

    /**
     * Tests that were written since the map was built are chosen when they change, and not by what they reach.
     */
    public function sayWhatIsNew(): void
    {
        $known = array_merge(...array_map(static fn (CoverageMap $map): array => $map->classes(), array_values($this->maps)));
        $new = 0;
        // Architecture has rules for PHPStan, and no tests for PHPUnit.
        foreach (explode("\n", trim(self::run(['git', '-C', $this->root, 'ls-files', 'tests/*Test.php', ':!tests/Architecture']))) as $file) {
            $new += in_array(self::classOf($file), $known, true) ? 0 : 1;
        }
        if ($new > 0) {
            $this->said[] = "Test files newer than the map: {$new}. After rm -r {$this->folder} it is built anew.";
        }
    }

    /**
     * @return list<string>
     */
    private function declared(string $file): array
    {
        foreach ($this->reach as $pattern => $tests) {
            if (fnmatch($pattern, $file)) {
                return $tests;
            }
        }

        return [];
    }

    /**
     * @return list<string> class::method
     */
    private function byMap(string $file): array
    {
        $found = [];
        foreach ($this->maps as $map) {
            if ($map->knows($file)) {
                foreach ($this->changedLines($file) as $hunk) {
                    array_push($found, ...$this->testsOfHunk($map, $file, $hunk));
                }
            }
        }

        return array_values(array_unique($found));
    }

    /**
     * @param array{int, int} $hunk first and last line
     *
     * @return list<string>
     */
    private function testsOfHunk(CoverageMap $map, string $file, array $hunk): array
    {
        $tests = $map->testsAt($file, range($hunk[0], $hunk[1]));
        $source = file("{$this->folder}/sources/{$file}", FILE_IGNORE_NEW_LINES);
        $changed = array_slice($source === false ? [] : $source, $hunk[0] - 1, $hunk[1] - $hunk[0] + 1);
        if (preg_grep(self::BELONGS_TO_THE_NEXT, $changed, PREG_GREP_INVERT) === []) {
            for ($line = $hunk[1] + 1; $tests === [] && $line <= $hunk[1] + self::NEAR; $line++) {
                $tests = $map->testsAt($file, [$line]);
            }
        }

        // A constant or a property may be used by any line of the file.
        return $tests === [] ? $map->testsAt($file, []) : $tests;
    }

    /**
     * @return list<array{int, int}> first and last line of each change, as the map's sources have them
     */
    private function changedLines(string $file): array
    {
        $now = is_file("{$this->root}/{$file}") ? "{$this->root}/{$file}" : '/dev/null';
        $diff = self::run(['git', 'diff', '--no-index', '-U0', '--no-color', "{$this->folder}/sources/{$file}", $now], [0, 1]);
        preg_match_all('/^@@ -(\d+)(?:,(\d+))? /m', $diff, $hunks, PREG_SET_ORDER);
        $changes = [];
        foreach ($hunks as $hunk) {
            $from = (int) $hunk[1];
            $count = (int) ($hunk[2] ?? '1');
            // What is put in between two lines belongs to both.
            $changes[] = $count === 0 ? [$from, $from + 1] : [$from, $from + $count - 1];
        }

        return $changes;
    }

    private function add(string $test): void
    {
        if (str_ends_with($test, '.mjs')) {
            $this->scripts[str_starts_with($test, 'tests/Endurance/') ? 'endurance' : 'browser'][$test] = true;
        } elseif (str_contains($test, '::') || str_ends_with($test, '.php')) {
            $this->php[preg_match('~^tests/Feature|^Tests\\\\Feature~', $test) === 1 ? 'pages' : 'unit'][$test] = true;
        } else {
            $this->checks[$test] = true;
        }
    }

    /**
     * The choice as files that bin/test reads, with a line each: `checks` to run; for each of them, unless it runs whole, the files by its name;
     * and CHECK.filter for PHPUnit.
     */
    public function write(string $folder): void
    {
        $files = ['style' => $this->phpFiles, 'types' => $this->phpFiles] + array_map(array_keys(...), $this->scripts);
        foreach ($this->php as $check => $tests) {
            [$files[$check], $filter] = $this->forPhpUnit($check, array_keys($tests));
            file_put_contents("{$folder}/{$check}.filter", $filter);
        }
        $files = array_filter(array_diff_key($files, $this->checks));
        foreach ($files as $check => $chosen) {
            file_put_contents("{$folder}/{$check}", implode("\n", $chosen) . "\n");
        }
        file_put_contents("{$folder}/checks", implode("\n", array_keys($files + $this->checks)) . "\n");
    }

    /**
     * @param list<string> $tests
     *
     * @return array{list<string>, string} files, and the pattern of the tests in them
     */
    private function forPhpUnit(string $check, array $tests): array
    {
        $methods = $files = [];
        foreach ($this->shortest($check, $tests) as $test) {
            $file = str_ends_with($test, '.php') ? $test : self::fileOf($test);
            if (is_file("{$this->root}/{$file}")) {
                $files[$file] = true;
                $methods[self::classOf($file)][] = str_ends_with($test, '.php') ? '\w+' : preg_quote(substr((string) strrchr($test, ':'), 1));
            }
        }
        $filter = '';
        foreach ($methods as $class => $names) {
            $filter .= ($filter === '' ? '' : '|') . preg_quote($class) . '::(' . implode('|', in_array('\w+', $names, true) ? ['\w+'] : $names) . ')';
        }

        // Longer patterns than this are refused; then the files run whole.
        return [array_keys($files), strlen($filter) < 30_000 ? "~^({$filter})( with data set .*)?$~s" : ''];
    }

    /**
     * @param list<string> $tests
     *
     * @return list<string> those that fit
     */
    private function shortest(string $check, array $tests): array
    {
        $seconds = array_map(fn (string $test): float => $this->maps[$check]->secondsOf($test), array_combine($tests, $tests));
        asort($seconds);
        $sum = 0.0;
        $fit = [];
        foreach ($seconds as $test => $each) {
            $sum += $each;
            if ($sum <= self::MOST_SECONDS[$check] || str_ends_with($test, '.php')) {
                $fit[] = $test;
            }
        }
        if (count($fit) < count($tests)) {
            $left = array_map(static fn (string $test): string => substr((string) strrchr($test, '\\'), 1), array_diff($tests, $fit));
            $this->said[] = count($left) . " of {$check} take longer than fits and are left to bin/test: " . implode(', ', array_slice($left, 0, 6)) . (count($left) > 6 ? ' …' : '') . '.';
        }

        return $fit;
    }

    private static function classOf(string $file): string
    {
        return str_replace(['/', '.php'], ['\\', ''], ucfirst($file));
    }

    private static function fileOf(string $test): string
    {
        return lcfirst(str_replace('\\', '/', explode('::', $test)[0])) . '.php';
    }

    /**
     * @param list<string> $command
     * @param list<int>    $codes that are no failure
     */
    public static function run(array $command, array $codes = [0]): string
    {
        $process = proc_open($command, [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if ($process === false) {
            throw new RuntimeException("cannot run {$command[0]}");
        }
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);
        $code = proc_close($process);
        if (!in_array($code, $codes, true)) {
            throw new RuntimeException(implode(' ', $command) . ": {$errors}");
        }

        return $out;
    }
}
