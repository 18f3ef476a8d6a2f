<?php

declare(strict_types=1);

// The process that `Apart` starts: work-apart.php TASK, what is asked as JSON on standard input, a line of JSON for each answer.

use Evrent\Devices\Photos\Apart;

require dirname(__DIR__, 2) . '/cli/autoload.php';

/** @var array<string, mixed> $asked */
$asked = json_decode((string) stream_get_contents(STDIN), true, 8, JSON_THROW_ON_ERROR);
foreach (Apart::work($argv[1] ?? '', $asked) as $told) {
    echo json_encode($told, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), "\n";
}
