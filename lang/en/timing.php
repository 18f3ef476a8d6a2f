<?php

declare(strict_types=1);

return [
    'dial' => [
        'bulb' => 'bulb',
        'manual' => 'manual',
        'aperture_priority' => 'aperture priority',
        'shutter_priority' => 'shutter priority',
    ],
    'camera' => [
        'next_file' => 'the next file number',
    ],
    'keyed_seconds' => [
        'most' => 'Enter at most :most_keys keys.',
        'seconds' => ':what in seconds',
        'first' => 'The first key is at 0.',
        'last' => 'The last key is at 1.',
        'order' => 'Keys are in order: enter a share above the previous one.',
        'between' => 'A key can be added only between two others.',
        'out' => 'Only a key between two others can be removed.',
    ],
    'solver' => [
        'total_travel' => 'a total travel',
        'step' => 'a step per photo',
        'step_photos' => 'That makes :photos photos in the move: enter a step for 2 to :most_photos.',
        'clip_or_photos' => 'Enter the clip or the photos, not both: one follows from the other.',
        'two' => 'Enter exactly two of clip or photos, interval, and run time.',
        'too_many' => 'That makes :photos photos; the limit is :most_photos.',
    ],
    'timing' => [
        'delay' => 'a delay in seconds',
    ],
    'trigger' => [
        'drift' => 'a drift in parts per million',
        'steps' => 'interval steps in seconds',
    ],
];
