<?php

declare(strict_types=1);

use Tests\Mutation\Covered;
use Tests\Mutation\Mutants;
use Tests\Mutation\Trial;

require __DIR__ . '/../../vendor/autoload.php';

// Tries mutants of the core, as many at a time as there are processors. Called by bin/mutate with a folder to work in, the how manieth to
// try, whether only those that lived the last time are tried, and the files it is about.
[, $folder, $every, $again] = $argv;
$only = array_slice($argv, 4);
$root = dirname(__DIR__, 2);
$keptAt = dirname($folder) . '/mutants-that-lived.txt';
$livedBefore = $again === '' || !is_file($keptAt) ? [] : array_flip(explode("\n", (string) file_get_contents($keptAt)));
$covered = Covered::in("{$folder}/covered.php", "{$folder}/times.xml");
$queue = [];
$found = 0;
foreach (array_map(strval(...), (array) glob("{$root}/core/{*,*/*,*/*/*}.php", GLOB_BRACE)) as $file) {
    $isWanted = $only === [] || array_filter($only, static fn (string $part): bool => str_contains($file, $part)) !== [];
    foreach ($isWanted ? Mutants::of($file, (string) file_get_contents($file)) : [] as $mutant) {
        $isTried = $covered->testsAt($file, $mutant->line) !== [] && ($again === '' || isset($livedBefore[$mutant->named($root)]));
        if ($isTried && $found++ % (int) $every === 0) {
            $queue[] = $mutant;
        }
    }
}
$all = count($queue);
file_put_contents($keptAt, '');
printf("%d mutants on covered lines; %d are tried.\n", $found, $all);

$processors = (int) shell_exec('nproc');
$lived = [];
$running = [];
$tried = 0;
while ($queue !== [] || $running !== []) {
    while ($queue !== [] && count($running) < $processors) {
        $running[] = Trial::of(array_shift($queue), $covered, $root, $folder);
    }
    foreach ($running as $number => $trial) {
        $wasNoticed = $trial->wasNoticed();
        if ($wasNoticed === null) {
            continue;
        }
        unset($running[$number]);
        if (!$wasNoticed) {
            $lived[] = $trial->mutant->named($root);
            file_put_contents($keptAt, $trial->mutant->named($root) . "\n", FILE_APPEND);
        }
        if (++$tried % 100 === 0) {
            fprintf(STDERR, "%d tried, %d lived\n", $tried, count($lived));
        }
    }
    usleep(2_000);
}
sort($lived, SORT_NATURAL);
print $lived === [] ? '' : implode("\n", $lived) . "\n";
printf("%d of %d were noticed: %.1f %%\n", $all - count($lived), $all, $all === 0 ? 100.0 : 100.0 - 100.0 * count($lived) / $all);
