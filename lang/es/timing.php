<?php

declare(strict_types=1);

return [
    'dial' => [
        'bulb' => 'bulb',
        'manual' => 'manual',
        'aperture_priority' => 'prioridad de apertura',
        'shutter_priority' => 'prioridad de obturación',
    ],
    'camera' => [
        'next_file' => 'el próximo número de archivo',
    ],
    'keyed_seconds' => [
        'most' => 'Introduce como máximo :most_keys claves.',
        'seconds' => ':what en segundos',
        'first' => 'La primera clave está en 0.',
        'last' => 'La última clave está en 1.',
        'order' => 'Las claves van en orden: introduce una parte mayor que la anterior.',
        'between' => 'Solo se puede añadir una clave entre otras dos.',
        'out' => 'Solo se puede quitar una clave entre otras dos.',
    ],
    'solver' => [
        'total_travel' => 'un recorrido total',
        'step' => 'un paso por foto',
        'step_photos' => 'Salen :photos fotos en el movimiento: introduce un paso para 2 a :most_photos.',
        'clip_or_photos' => 'Introduce el clip o las fotos, no ambos: uno sale del otro.',
        'two' => 'Introduce exactamente dos entre clip o fotos, intervalo y duración.',
        'too_many' => 'Salen :photos fotos; el límite es :most_photos.',
    ],
    'timing' => [
        'delay' => 'un retraso en segundos',
    ],
    'trigger' => [
        'drift' => 'una deriva en partes por millón',
        'steps' => 'pasos de intervalo en segundos',
    ],
];
