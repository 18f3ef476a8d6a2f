<?php

declare(strict_types=1);

use Tests\Mutation\Covered;
use Tests\Mutation\Mutant;
use Tests\Mutation\Mutants;

require __DIR__ . '/../../vendor/autoload.php';

// Makes mutants of the core one after another in copies of it, and runs the tests that go through the changed line. Called by bin/mutate with
// the coverage report, the how manieth to try, where the copies lie, and what to change.
[, $report, $every, $copies] = $argv;
$only = array_slice($argv, 4);
$root = dirname(__DIR__, 2);
$covered = Covered::in($report);
$queue = [];
$found = 0;
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/core", FilesystemIterator::SKIP_DOTS)) as $entry) {
    assert($entry instanceof SplFileInfo);
    $file = $entry->getPathname();
    $isWanted = $only === [] || array_filter($only, static fn (string $part): bool => str_contains($file, $part)) !== [];
    foreach ($isWanted && $entry->getExtension() === 'php' ? Mutants::of($file, (string) file_get_contents($file)) : [] as $mutant) {
        if ($covered->classesAt($file, $mutant->line) !== [] && $found++ % (int) $every === 0) {
            $queue[] = $mutant;
        }
    }
}
printf("%d mutants on covered lines; %d are tried.\n", $found, count($queue));

/**
 * @return array{resource, Mutant, string} the running tests, what they are run on, and the file to put back
 */
$start = static function (Mutant $mutant, string $copy) use ($covered, $root): array {
    $file = $copy . substr($mutant->file, strlen($root));
    file_put_contents($file, $mutant->applied((string) file_get_contents($mutant->file)));
    $files = array_map(
        static fn (string $class): string => 'tests/' . str_replace('\\', '/', substr($class, strlen('Tests\\'))) . '.php',
        $covered->classesAt($mutant->file, $mutant->line),
    );
    // One file after another, the nearest first, so that most mutants are noticed after a moment.
    $each = implode(' && ', array_map(static fn (string $test): string => 'php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=32M'
        . ' vendor/bin/phpunit --no-progress --no-output --do-not-cache-result --stop-on-failure --stop-on-error ' . escapeshellarg($test), $files));
    $process = proc_open(['timeout', '60', 'sh', '-c', $each], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $copy);
    assert(is_resource($process));

    return [$process, $mutant, $file];
};

$free = [];
foreach (new FilesystemIterator($copies) as $copy) {
    assert($copy instanceof SplFileInfo);
    $free[] = $copy->getPathname();
}
$running = [];
$noticed = 0;
$lived = [];
while ($queue !== [] || $running !== []) {
    while ($queue !== [] && $free !== []) {
        $copy = array_pop($free);
        $running[$copy] = $start(array_shift($queue), $copy);
    }
    foreach ($running as $copy => [$process, $mutant, $file]) {
        $status = proc_get_status($process);
        if ($status['running']) {
            continue;
        }
        copy($mutant->file, $file);
        unset($running[$copy]);
        $free[] = $copy;
        if ($status['exitcode'] === 0) {
            $lived[] = sprintf('%s:%d  %s', substr($mutant->file, strlen($root) + 1), $mutant->line, $mutant->says);
        } else {
            $noticed++;
        }
    }
    usleep(5_000);
}
$all = $noticed + count($lived);
sort($lived);
print implode("\n", $lived) . "\n";
printf("%d of %d were noticed: %.1f %%\n", $noticed, $all, $all === 0 ? 100.0 : 100.0 * $noticed / $all);
