<?php

declare(strict_types=1);

return [
    'layout' => [
        'skip' => 'Skip to content',
        'crumbs' => 'Path',
        'kit' => 'Kit',
        'presets' => 'Presets',
        'settings' => 'Settings',
        'look' => 'Look',
        'name_look' => ':name look',
        'look_day' => 'Day',
        'look_dusk' => 'Dusk',
        'look_night' => 'Night',
        'stop' => 'Stop',
    ],
    'pager' => [
        'first' => 'First',
        'previous' => 'Previous',
        'next' => 'Next',
        'last' => 'Last',
        'page' => ':name page',
        'range' => ':firstItem–:lastItem of :total',
        'go_to' => 'Go to photo',
        'go' => 'Go',
    ],
    'pin' => [
        'pin' => 'Pin :what',
    ],
    'said' => [
        'deleted' => '“:name” deleted.',
        'undo' => 'Undo',
        'dismiss' => 'Dismiss',
    ],
    'saving' => [
        'saved' => 'Saved',
    ],
];
