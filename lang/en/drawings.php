<?php

declare(strict_types=1);

return [
    'brightness' => [
        'told' => 'Target: :range from metered. Predicted: :range2.',
    ],
    'drawable' => [
        'photos' => 'A shot can have up to :most_photos photos here, holds included.',
        'positions' => 'With :axes axes a shot can have up to :most_positions photos here.',
        'too_slow' => 'Run of :days days; the limit here is :most. Raise top speed or acceleration, or shorten the travel.',
        'too_long' => 'Run of :days days; the limit here is :most. Enter a shorter interval or fewer photos.',
    ],
    'ribbon' => [
        'slack' => 'Slack of each photo in its interval: least at photo :photo, :seconds',
        'short' => 'Slack of each photo in its interval: photo :photo is :seconds short',
    ],
    'budget' => [
        'camera_battery' => 'Camera battery',
        'rig_battery' => 'Rig battery',
        'power_bank' => 'Power bank',
        'cards' => 'Cards',
        'tripod' => 'Tripod, twice the load',
        'carriage' => 'Carriage, twice the load',
        'thrust' => 'Thrust on the incline',
        'horizon' => 'Horizon tilt at the frame edge',
        'dies' => 'empty at photo :photo',
        'left' => ':percent % left',
        'of' => ':is of :most',
        'photos' => ':photos of :capacity',
        'second_card' => ':photos of :capacity, second card from photo :from',
    ],
];
