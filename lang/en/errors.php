<?php

declare(strict_types=1);

return [
    '403' => [
        'title' => 'Request refused',
        'says' => 'The request did not come from a page of Evrent. Nothing was changed.',
    ],
    '404' => [
        'title' => 'Page not found',
        'says' => 'No shoot, shot or take has this address. It may have been deleted. Check the address.',
    ],
    '405' => [
        'title' => 'Request not supported',
        'says' => 'Go back and use the buttons on the page.',
    ],
    '413' => [
        'title' => 'File too large',
        'says' => 'Plan files are up to 1024 kB. Go back and choose another file.',
    ],
    '419' => [
        'title' => 'Page expired',
        'says' => 'Go back, open the shot again and repeat the change.',
    ],
    '500' => [
        'title' => 'Error in Evrent',
        'says' => 'Your shots are safe: every change is saved whole or not at all. Details are in storage/logs.',
    ],
    '503' => [
        'title' => 'Database not responding',
        'says' => 'Evrent is restarting it. This page opens again as soon as it is back. Your input is kept in this browser.',
    ],
    '507' => [
        'title' => 'Disk full',
        'says' => 'Free some space on the disk of Evrent’s folder. Evrent then continues. Your input is kept in this browser.',
    ],
    'minimal' => [
        'shoots' => 'Go to shoots',
    ],
    'not_kept' => [
        'title' => 'Not available offline',
        'says' => 'Evrent is not responding, and this page was not opened here before. Pages of your last shoot are available: go back, or try again when Evrent runs.',
    ],
];
