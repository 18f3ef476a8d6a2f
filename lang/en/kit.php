<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Kit',
        'lead' => 'Your equipment. A shot copies the figures when you pick an item; later changes here do not alter it.',
        'files' => 'Kit files',
        'json' => 'As JSON',
        'csv' => 'As CSV',
        'file' => 'Kit file, JSON or CSV',
        'read' => 'Import kit file',
        'add_kind' => 'Add :kind',
        'add' => 'Add to kit',
        'home' => 'and home the rig. Keep hands clear',
        'test_photo' => 'and take a test photo',
        'try' => 'Test device',
        'remove' => 'Remove from kit',
    ],
];
