<?php

declare(strict_types=1);

return [
    'mode' => [
        'shoot_move_shoot' => 'disparo-movimiento-disparo',
        'continuous' => 'continuo',
        'stop_motion' => 'stop motion',
    ],
    'interval_means' => [
        'start_to_start' => 'de inicio a inicio',
        'gap' => 'pausa entre exposiciones',
    ],
    'ramp_entry' => [
        'total' => 'en total',
        'each_end' => 'en cada extremo',
    ],
    'axis_kind' => [
        'linear' => 'lineal',
        'rotary' => 'giratorio',
    ],
    'timed_by' => [
        'controller' => 'controlador',
        'camera' => 'cámara',
    ],
    'ease_shape' => [
        'constant' => 'aceleración constante',
        'cosine' => 'coseno',
        'cubic' => 'cúbica',
        'quintic' => 'quíntica',
    ],
    'foreground' => [
        'sharp' => 'nítido',
        'soft' => 'desenfocado',
    ],
    'triggered_by' => [
        'rig' => 'rig',
        'camera_timer' => 'intervalómetro de la cámara',
    ],
    'cloud' => [
        'clear' => 'despejado',
        'thin' => 'nubes finas',
        'average' => 'nubosidad media',
        'dark' => 'nubes densas',
    ],
    'control' => [
        'manual' => 'manual',
        'aperture_priority' => 'prioridad a la apertura',
        'shutter_priority' => 'prioridad a la obturación',
    ],
    'feeds' => [
        'camera' => 'cámara',
        'rig' => 'rig',
        'both' => 'cámara y rig',
    ],
];
