<?php

declare(strict_types=1);

return [
    'file' => [
        'day' => 'Day',
        'shots' => 'Shots',
        'at' => 'at :clock',
        'first_now' => 'First photo now',
        'earlier' => '1 min earlier',
        'later' => '1 min later',
        'planned' => 'As planned',
        'none' => 'No shots yet.',
    ],
    'card' => [
        'label' => 'Field sheet for :title',
        'no_start' => 'No start time',
        'photo' => 'photo :photo',
        'exposure' => 'Exposure:part',
        'cues' => ': changes after photo',
        'checks' => 'Preflight',
        'watch' => 'Watch',
        'late' => 'If running late',
        'cautions' => 'Cautions',
    ],
    'show' => [
        'title' => 'Field sheets',
        'lead' => 'One A5 page per shot. The phone file holds all of them, works offline and counts down to the next event.',
        'nav' => 'Field sheets',
        'phone' => 'File for the phone',
        'none' => 'No shots yet. Create a shot to get its field sheet.',
    ],
];
