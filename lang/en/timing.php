<?php

declare(strict_types=1);

return [
    'dial' => [
        'bulb' => 'bulb',
        'manual' => 'manual',
        'aperture_priority' => 'aperture priority',
        'shutter_priority' => 'shutter priority',
    ],
];
