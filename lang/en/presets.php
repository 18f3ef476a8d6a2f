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
        'note' => 'Note',
        'exposures' => 'Exposures',
        'stay' => 'constant',
        'batteries' => 'batteries',
    ],
    'applied' => [
        'fixed' => ':fix.',
        'mains' => 'A run this long needs mains power: its batteries are left out.',
        'ramp' => 'Exposures follow the light.',
        'interval' => 'Interval :interval instead of :intervalSeconds.',
        'what' => ':kind “:name”',
    ],
    'cell' => [
        'own_timer' => 'This shot’s camera uses its intervalometer, which can only be set on the camera. Choose a shot whose camera is triggered.',
        'too_short' => 'Interval too short: rig and camera need :x per photo here.',
        'taken' => 'interval :interval and exposure :shutter s, from the test “:subject”',
    ],
    'kind' => [
        'move' => 'move',
        'shot' => 'whole shot',
        'recipe' => 'recipe',
    ],
    'recipe' => [
        'share' => 'Enter the share of the interval with the shutter open, above 0 and below 100 %.',
        'why' => 'Enter the reason, in up to 500 characters.',
        'in_short' => 'interval :intervalSeconds, shutter open :openShare % of it, clip :clipSeconds: :reason',
    ],
    'recipe_of_shot' => [
        'warned' => 'Not an interval of :intervalSeconds: :reason',
    ],
    'recipe_text' => [
        'interval' => 'Enter an interval in seconds, such as 8 or 2 min.',
        'share' => 'Enter the share of the interval with the shutter open, such as 40 %.',
        'clip' => 'Enter a clip length in seconds, such as 20.',
        'exposed_for' => 'Choose land, sky or lamps, or leave it as the shot has it.',
        'not_one' => 'Not a recipe.',
    ],
    'trial' => [
        'subject' => 'Enter what is tested, in up to :most_subject_characters characters.',
        'values' => 'Give one to :most_of_each different values, such as 1 2 4.',
        'no_cell' => 'No such cell.',
        'note' => 'Enter up to :most_note_characters characters.',
        'verdict' => 'Rate one cell first.',
        'alone' => 'Tested by itself',
        'against_one' => 'Tested against one other',
        'against_many' => 'Tested against :judged others',
        'reason' => ':against.',
        'reason_note' => ':against: :note.',
    ],
    'trial_text' => [
        'seconds' => 'Enter seconds with spaces between, such as 1 2 4 or 1/60 1/2 1.',
        'photos' => 'Enter how many photos each takes, such as 48.',
        'not_one' => 'Not a test shoot.',
    ],
    'shipped' => [
        'traffic' => [
            'name' => 'Traffic',
            'note' => 'Cars cross the frame in seconds. Short intervals keep them visible; an exposure of half the interval blends their steps.',
        ],
        'people' => [
            'name' => 'People',
            'note' => 'A walker takes one step a second. At longer intervals people appear and vanish.',
        ],
        'fog' => [
            'name' => 'Driven cloud or fog',
            'note' => 'Wind-driven cloud changes shape quickly. Longer intervals flicker.',
        ],
        'cloud' => [
            'name' => 'Slow cloud',
            'note' => 'Slow cloud needs no short interval. A short exposure keeps its edges sharp.',
        ],
        'tide' => [
            'name' => 'Tide and shadows',
            'note' => 'Water’s edge and shadows move slowly. Shorter intervals only fill cards; longer ones jump with wind and swell.',
        ],
        'sunset' => [
            'name' => 'Sunset',
            'note' => 'The light drops by a stop every few minutes. Use an exposure ramp, and leave room in the interval for longer exposures.',
        ],
        'stars' => [
            'name' => 'Stars',
            'note' => 'Exposures as long as the sky allows, with the shortest pause that the card allows: star trails stay unbroken.',
        ],
        'growth' => [
            'name' => 'Growth and building works',
            'note' => 'Change takes days. An interval that divides the hour keeps the light of each hour comparable. Use mains power.',
        ],
    ],
];
