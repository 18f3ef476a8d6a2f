<?php

declare(strict_types=1);

return [
    'backdrop' => [
        'shape' => 'This photo is :widthPixels × :heightPixels pixels, the camera’s are :imageWidthPixels × :imageHeightPixels: the aspect ratios differ. Choose an uncropped photo.',
    ],
    'optics' => [
        'pixels' => 'a whole number of pixels',
        'circle' => 'a circle of confusion in millimetres, such as 0.03,',
        'zoom' => 'a zoom factor, 1 for none,',
        'speed' => 'metres per second',
        'pan' => 'degrees of pan',
        'order' => 'The subject is between foreground and background: enter a distance between theirs.',
        'short' => ':focalMillimetres mm on :sensorWidthMillimetres × :sensorHeightMillimetres mm; near :foregroundMetres, subject :subjectMetres, far :backgroundMetres',
    ],
    'scene' => [
        'none' => 'not set: example',
        'shore' => 'shore: posts, a mill, hills',
        'street' => 'street: lamp posts, houses, towers',
        'hills' => 'hills: rocks, a hut, ridges',
        'room' => 'room: a table, a plant, a wall',
    ],
    'subject_kind' => [
        'single' => 'one thing the eye follows',
        'stream' => 'a stream: traffic, a crowd, water',
    ],
];
