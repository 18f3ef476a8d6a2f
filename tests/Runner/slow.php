<?php

declare(strict_types=1);

// The fifty slowest tests and files of a run, with what they waited for: php tests/Runner/slow.php FILE, as EVRENT_TEST_TIMES names it.

const MOST = 50;
const WAITED_FOR = ['processor', 'database', 'page', 'clock'];

$lines = file($argv[1] ?? '', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
/** @var list<array{file: string, test: string, wall: float, processor: float, database: float, page: float, clock: float}> $tests */
$tests = array_map(static fn (string $line): mixed => json_decode($line, true, 4, JSON_THROW_ON_ERROR), $lines === false ? [] : $lines);
$files = [];
foreach ($tests as $test) {
    $file = $files[$test['file']] ?? ['name' => $test['file'], 'wall' => 0.0] + array_fill_keys(WAITED_FOR, 0.0);
    foreach (['wall', ...WAITED_FOR] as $seconds) {
        $file[$seconds] += $test[$seconds];
    }
    $files[$test['file']] = $file;
}
$tests = array_map(static fn (array $test): array => ['name' => "{$test['file']}: " . preg_replace('/^\w+::/', '', $test['test'])] + $test, $tests);
foreach (['files' => $files, 'tests' => $tests] as $what => $all) {
    usort($all, static fn (array $a, array $b): int => $b['wall'] <=> $a['wall']);
    printf("\nThe slowest %s, in seconds, and what they waited for\n  %8s%s\n", $what, 'all', implode('', array_map(static fn (string $column): string => sprintf('%11s', $column), WAITED_FOR)));
    foreach (array_slice($all, 0, MOST) as $one) {
        printf("  %8.1f%s  %s\n", $one['wall'], implode('', array_map(static fn (string $column): string => sprintf('%11.1f', $one[$column]), WAITED_FOR)), mb_substr($one['name'], 0, 150));
    }
}
