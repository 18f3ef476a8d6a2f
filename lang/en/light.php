<?php

declare(strict_types=1);

return [
    'exposed_for' => [
        'land' => 'the land',
        'sky' => 'the sky',
        'lamps' => 'lamp light',
    ],
    'light' => [
        'limits' => 'The longest exposure is shorter than the shortest: enter a longer one.',
        'isos' => 'Enter at least one ISO value the camera may use.',
        'ev' => 'an exposure value',
        'lux' => 'the lux of the lamps',
        'lamps' => 'Enter the brightness of the lamps, such as 40 lux for a lit street; or expose for the land or the sky.',
        'lamps_on' => 'Enter :always, :dusk, or the time the lamps come on, such as 19:40.',
        'bias' => 'stops above metered, negative for below,',
        'widest' => 'the lens’s lowest f-number',
        'narrowest' => 'the lens’s highest f-number',
        'order' => 'Enter an f-number above the widest aperture.',
        'rising' => 'Values are in order: enter a number above the previous one.',
    ],
    'light_kind' => [
        'sky' => 'open sky',
        'indoors' => 'indoors',
        'roof' => 'under a roof',
        'lamps' => 'lamps only',
    ],
    'target' => [
        'as_metered' => 'as metered',
        'darker' => ':stops darker than metered',
        'brighter' => ':stops brighter than metered',
        'night' => 'night :stops darker',
    ],
    'lamps' => [
        'none' => 'none',
        'few' => 'a few lamps',
        'skyline' => 'a distant skyline',
        'street' => 'a lit street',
        'centre' => 'a bright centre',
        'works' => 'works or a stadium',
    ],
    'lamps_are_on' => [
        'always' => 'always',
        'dusk' => 'dusk',
    ],
];
