<?php

declare(strict_types=1);

return [
    'manifest' => [
        'line' => 'Line :n is not a checksum with a path. Give a manifest.',
    ],
];
