<?php

declare(strict_types=1);

// Chooses what bin/test changed runs: php tests/Runner/choose.php REVISION MAPS CHOICE.

use Tests\Runner\Changed;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[, $revision, $maps, $choice] = $argv + ['', 'HEAD', '', ''];
$root = dirname(__DIR__, 2);
$files = array_values(array_unique(array_filter([
    ...explode("\0", Changed::run(['git', '-C', $root, 'diff', '--name-only', '--no-renames', '-z', $revision])),
    ...explode("\0", Changed::run(['git', '-C', $root, 'ls-files', '--others', '--exclude-standard', '-z'])),
], static fn (string $file): bool => $file !== '')));
/** @var array<string, list<string>> $reach */
$reach = require __DIR__ . '/reach.php';
$changed = new Changed($root, $maps, $reach);
$changed->choose($files);
$changed->sayWhatIsNew();
$changed->write($choice);
echo implode("\n", $changed->said), "\n";
