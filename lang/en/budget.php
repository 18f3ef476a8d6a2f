<?php

declare(strict_types=1);

return [
    'power' => [
        'curve' => 'Give the remaining capacity for at least one temperature.',
        'order' => 'Enter these in order: a temperature above the one before.',
    ],
    'slot_use' => [
        'overflow' => 'second card takes over',
        'copy' => 'each photo on both cards',
        'split' => 'raw on the first, JPEG on the second',
    ],
    'storage' => [
        'size' => 'Enter the megabytes of its raw file, its JPEG, or both.',
        'cards' => 'Give the free space of one card or two, in gigabytes.',
    ],
];
