<?php

declare(strict_types=1);

return [
    'mode' => [
        'shoot_move_shoot' => 'shoot-move-shoot',
        'continuous' => 'continuous',
        'stop_motion' => 'stop motion',
    ],
    'interval_means' => [
        'start_to_start' => 'start to start',
        'gap' => 'pause between exposures',
    ],
    'ramp_entry' => [
        'total' => 'in total',
        'each_end' => 'at each end',
    ],
    'axis_kind' => [
        'linear' => 'linear',
        'rotary' => 'rotary',
    ],
    'timed_by' => [
        'controller' => 'controller',
        'camera' => 'camera',
    ],
    'ease_shape' => [
        'constant' => 'constant acceleration',
        'cosine' => 'cosine',
        'cubic' => 'cubic',
        'quintic' => 'quintic',
    ],
    'foreground' => [
        'sharp' => 'sharp',
        'soft' => 'soft',
    ],
    'triggered_by' => [
        'rig' => 'rig',
        'camera_timer' => 'camera’s intervalometer',
    ],
    'cloud' => [
        'clear' => 'clear',
        'thin' => 'thin cloud',
        'average' => 'average cloud',
        'dark' => 'dark cloud',
    ],
    'control' => [
        'manual' => 'manual',
        'aperture_priority' => 'aperture priority',
        'shutter_priority' => 'shutter priority',
    ],
    'feeds' => [
        'camera' => 'camera',
        'rig' => 'rig',
        'both' => 'camera and rig',
    ],
];
