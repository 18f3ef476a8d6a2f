<?php

declare(strict_types=1);

return [
    'verdict' => [
        'unusable' => ':photos of :planned unusable',
        'late' => ':photos late, photo :photo by :by',
        'as_planned_why' => ':happened, as the plan predicts: :title, :shortfall. :variation',
        'margin' => 'Timing margin too small.',
        'margin_why' => ':happened. The plan has too little margin: :title, :shortfall. :variation',
        'failed' => 'This run failed.',
        'failed_why' => ':happened. The plan has enough margin: the cause is the simulated fault, or variation. :variation',
        'lucky_why' => 'All photos on time, with too little margin: :title, :shortfall. :variation',
        'works_why' => 'Every photo on time, with slack. :variation',
        'lost_short' => ':photos lost',
        'late_short' => ':photos late',
        'on_time' => 'every photo on time',
        'no_variation' => 'Variation added nothing.',
        'variation' => 'Variation added up to :added.',
    ],
    'preflight' => [
        'dial' => [
            'label' => 'Mode dial as planned: bulb if the controller times the exposure, manual if the camera does',
            'short' => 'mode dial',
            'why' => 'On the wrong mode every exposure differs from the plan.',
        ],
        'autofocus' => [
            'label' => 'Autofocus, auto white balance, auto ISO, stabiliser, image review and beep off',
            'short' => 'automatics off',
            'why' => 'Automatic settings change from photo to photo.',
            'set' => ':Settings; everything else manual',
            'set_auto' => ':Settings; auto ISO off',
        ],
        'aperture' => [
            'label' => 'Aperture fixed: wide open, lens twisted free, or manual lens',
            'short' => 'aperture fixed',
            'why' => 'An aperture that reopens varies slightly each time, and the clip flickers.',
        ],
        'glass' => [
            'label' => 'Front and rear glass clean, cap off, viewfinder covered',
            'short' => 'glass clean',
            'why' => 'Dust or stray light stays in every photo.',
        ],
        'cable' => [
            'label' => 'Shutter cable seated at both ends, one test photo taken through it',
            'short' => 'shutter cable',
            'why' => 'With a loose cable the rig moves and no photo is taken.',
            'named' => ':cable: seated at both ends, one test photo taken',
            'named_half_press' => ':cable: seated at both ends, half-press wired, one test photo taken',
        ],
        'power_up' => [
            'label' => 'Rig on first, then the camera',
            'short' => 'rig on first',
            'why' => 'Many controllers trigger once when they start.',
        ],
        'sleep' => [
            'label' => 'Sleep timers off, phone muted',
            'short' => 'sleep timers off',
            'why' => 'A sleeping camera misses the next photo.',
        ],
        'batteries' => [
            'label' => 'Batteries last for all photos',
            'short' => 'batteries',
            'why' => 'An empty battery ends the clip.',
        ],
        'card' => [
            'label' => 'Card space for all photos',
            'short' => 'card',
            'why' => 'A full card takes no more photos while the rig runs on.',
        ],
        'own_timer' => [
            'label' => 'Intervalometer set to the plan’s interval and count',
            'short' => 'intervalometer',
            'why' => 'Nothing else triggers the camera.',
            'film' => 'Camera’s time-lapse video set to its rate and frames; unplug the cable after the first trigger',
        ],
        'homed' => [
            'label' => 'Rig homed',
            'short' => 'rig homed',
            'why' => 'A rig that is not homed is not where the plan puts it.',
        ],
        'ends' => [
            'label' => 'Test move to both ends, path clear',
            'short' => 'both ends',
            'why' => 'A cable, a tripod leg or a limit stalls the rig in the dark.',
        ],
        'keyframes' => [
            'label' => 'Test photo at each keyframe checked',
            'short' => 'test photos',
            'why' => 'Framing, focus and exposure show now rather than on playback.',
        ],
        'level' => [
            'label' => 'Base level along the whole pan',
            'short' => 'level',
            'why' => 'Off level, the horizon tilts during the pan.',
        ],
        'legs' => [
            'label' => 'Tripod spread and weighted, locks tight, ground firm, head balanced',
            'short' => 'tripod firm',
            'why' => 'One millimetre of movement shows as a jump in the clip.',
        ],
        'sled' => [
            'label' => 'Carriage at A before the camera goes on; gears not turned by hand under power',
            'short' => 'carriage at A',
            'why' => 'Driving gears backwards strips them and damages the motor driver.',
        ],
        'incline' => [
            'label' => 'Carriage tied, nobody below it',
            'short' => 'carriage tied',
            'why' => 'A slipping carriage takes the camera down with it.',
        ],
        'sun' => [
            'label' => 'Nobody looks through the viewfinder at the sun; sensor covered until the start',
            'short' => 'sun',
            'why' => 'It burns eyes and sensor at once.',
        ],
        'night' => [
            'label' => 'Red lamp for everybody, way back walked by day, cables marked',
            'short' => 'red lamps',
            'why' => 'Most falls happen on the way back.',
        ],
        'cold' => [
            'label' => 'Spare batteries kept warm, lens heated or hooded against dew',
            'short' => 'dew and cold',
            'why' => 'Cold takes a third of a battery; dew ruins the photos.',
        ],
        'edge' => [
            'label' => 'Tide table and way off known; kit clear of water, edges and traffic',
            'short' => 'tide and edges',
            'why' => 'The tide comes in faster than a rig is packed.',
        ],
        'permission' => [
            'label' => 'Permission to be here, local rules followed',
            'short' => 'permission',
            'why' => 'Without permission the shot may be stopped half-way.',
        ],
    ],
];
