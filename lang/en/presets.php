<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Presets',
        'lead' => 'Recipes for common subjects, and moves and shots you saved. Apply them from a shot.',
        'recipes' => 'Recipes',
        'own' => 'New recipe',
        'subject' => 'Subject',
        'interval' => 'Interval',
        'shutter' => 'shutter',
        'of_it' => '% of the interval',
        'clip' => 'clip',
        'exposed_for' => 'exposed for',
        'as_shot' => 'as set in the shot',
        'land' => 'the land',
        'sky' => 'the sky',
        'lamps' => 'lamp light',
        'follow' => 'exposure ramp',
        'power' => 'power',
        'mains' => 'mains',
        'shooting' => 'run :shootingSeconds at 24 fps',
        'save_recipe' => 'Save recipe',
        'delete' => 'Delete :preset',
        'moves' => 'Moves and shots',
        'none' => 'Saved moves and shots appear here. Use “Save as preset” on a shot.',
    ],
    'applied' => [
        'fixed' => ':fix.',
    ],
];
