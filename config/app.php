<?php

declare(strict_types=1);

// Names that Evrent is served by, besides this machine's own.
$others = array_filter(array_map(trim(...), explode(',', strtolower((string) env('EVRENT_NAMES', '')))));

return [
    'names' => ['127.0.0.1', 'localhost', '[::1]', ...array_values($others)],
    'instance' => env('EVRENT_INSTANCE', 'evrent'),
];
