<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Test grids',
        'says' => 'A few photos at every interval and shutter time. Rate each; the best becomes a recipe.',
        'grid' => ':part; :photos each, :seconds in total, :change_seconds s to change settings',
        'no_verdict' => 'not rated',
        'best' => 'best so far: :interval and :shutter s',
        'play' => 'Play side by side',
        'interval' => 'Interval',
        'shutter' => 'shutter :shutter s',
        'cell' => 'from :layout, blur :openShare %',
        'unrated' => 'not rated',
        'rate' => 'Rating of :interval and :shutter s',
        'why' => 'reason',
        'why_label' => 'Reason for :interval and :shutter s',
        'no_fit' => 'does not fit the interval',
        'save' => 'Save ratings',
        'name' => ':interval and :shutter s',
        'make' => 'Save :settings as recipe',
        'delete' => 'Delete test grid',
        'new' => 'New test grid',
        'subject' => 'Moving subject',
        'example' => 'reeds in the wind',
        'intervals' => 'Intervals in s',
        'shutters' => 'Shutter times in s',
        'each' => 'Photos each',
        'create' => 'Create test grid',
    ],
    'clip' => [
        'clip' => 'Clip of :named',
        'take' => 'Use in plan: :named',
        'use' => 'Use in plan',
    ],
    'grid_now' => [
        'cells' => ':cells of :cells2 cells',
        'stop' => 'Stop test',
    ],
    'shoot_it' => [
        'shoot' => 'Run test grid',
        'again' => 'Run test grid again',
        'no_shot' => 'A test grid uses the move of a shot. Create a shot first.',
        'over' => 'Move of',
        'says' => 'Each cell runs over the middle of the move with its aperture and ISO. Keep hands clear: the rig moves and returns for each cell.',
        'start' => 'Run test grid',
    ],
];
