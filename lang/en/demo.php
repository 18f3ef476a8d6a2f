<?php

declare(strict_types=1);

return [
    'kit' => [
        'full_frame' => 'Full-frame body, 24 MP',
        'small_sensor' => 'Small-sensor body, 26 MP',
        'pocket' => 'Pocket camera, 20 MP',
        'phone' => 'Phone, main camera',
        'wide' => 'Wide 20 mm',
        'pocket_lens' => 'Pocket camera’s lens at 8.8 mm',
        'phone_lens' => 'Phone’s lens of 6.9 mm',
        'normal' => 'Normal 35 mm',
        'long' => 'Long 85 mm',
        'rail' => 'Rail of 900 mm with pan and tilt',
        'head' => 'Pan-and-tilt head',
        'pan_head' => 'Pan-only head',
        'heavy_tripod' => 'Heavy tripod',
        'light_tripod' => 'Light tripod',
        'nd_3' => 'ND of 3 stops',
        'nd_6' => 'ND of 6 stops',
        'nd_10' => 'ND of 10 stops',
        'card_64' => 'Card of 64 GB',
        'card_128' => 'Card of 128 GB',
        'battery' => 'Battery of 16 Wh',
        'rig_battery' => 'Rig battery of 50 Wh',
        'timer' => 'Plain timer',
        'power_bank' => 'Power bank of 70 Wh',
        'trigger_cable' => 'Trigger cable',
        'dummy_battery' => 'Dummy battery with cable',
    ],
    'note' => [
        'thirds' => 'dials by thirds; marks are rounded',
        'built_in' => 'built-in intervalometer, whole seconds',
        'built_in_list' => 'built-in intervalometer, a list of intervals',
        'whole_seconds' => 'whole seconds',
        'spare' => 'one spare',
    ],
    'trial' => 'Reeds by the sluice, light wind',
    'shoot' => [
        'name' => 'Spring tide at Saltreach mill',
        'place' => 'Saltreach estuary: tide mill, sluice and salt works',
    ],
    'event' => [
        'high_water' => 'high water',
        'low_water' => 'low water',
        'gate' => 'sluice gate is locked',
    ],
    'shot' => [
        'dusk' => 'Dusk over the salt pans',
        'flood' => 'Flood tide at the mill race',
        'moonrise' => 'Moonrise over the pump house',
        'salt' => 'Salt rising on the evaporation pans',
    ],
];
