<?php

declare(strict_types=1);

return [
    'dial' => [
        'bulb' => 'bulb',
        'manual' => 'manual',
        'aperture_priority' => 'prioridad de apertura',
        'shutter_priority' => 'prioridad de obturación',
    ],
];
