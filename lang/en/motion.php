<?php

declare(strict_types=1);

return [
    'axis' => [
        'travel' => 'Enter its travel limits, or set it to endless rotation.',
        'name' => 'Name the axis in lower-case letters, digits and _, such as slide, pan or tilt.',
        'lowest' => 'a lowest position',
        'highest' => 'a highest position',
        'order' => 'Enter a highest position above the lowest.',
        'clockwork' => 'a travel per hour',
        'slow_order' => 'Enter a minimum speed below the top speed.',
        'quiet_order' => 'Enter a quiet speed above the minimum speed.',
        'acceleration' => 'an acceleration',
        'steps' => 'motor steps per unit',
        'backlash' => 'a backlash',
        'outside' => 'The :axis travel is :min to :max: enter a position within it.',
    ],
    'easing' => [
        'too_long' => 'Ease in and ease out share the move: together they can be 100 % at most. Shorten one of them.',
    ],
    'keyframe' => [
        'at' => 'a share of the photos',
        'hold' => 'Photos can be held only where the move stops. Remove them, or stop here.',
        'subject' => 'the subject’s share of the photo',
        'position' => 'a position',
    ],
    'move' => [
        'count' => 'Enter 2 to :most_keyframes keyframes.',
        'first' => 'The first keyframe is at 0.',
        'last' => 'The last keyframe is at 1.',
        'ends' => 'The move starts and ends at rest: only a keyframe between can be passed through.',
        'order' => 'Keyframes are in order: enter a share above the previous one.',
        'one_way' => 'Enter the photos one way, at least 2; empty for a single move.',
        'important' => 'Only one framing can be the most important: clear the other first.',
    ],
    'path' => [
        'one_way' => 'One way has at most :photos photos, as many as the move: enter fewer, or take more photos.',
        'same_photo' => 'With :oneWay photos this keyframe falls on the same photo as the previous one. Move it, or take more photos.',
    ],
    'rig' => [
        'most' => 'A rig has at most :most_axes axes; none for a camera on a tripod.',
        'twice' => 'Two axes are called :axis: give each its own name.',
    ],
    'ramp_text' => [
        'span' => '(:duration)',
        'in' => 'ease in over :count photo:span|ease in over :count photos:span',
        'out' => 'ease out over :count photo:span|ease out over :count photos:span',
        'hard_start' => 'hard start',
        'hard_stop' => 'hard stop',
    ],
    'turns' => [
        'never' => 'All photos fit one way: it never turns round.',
        'at' => 'Turns round at photo :photos.|Turns round at photos :photos.',
        'more' => ':count more',
        'cut_short' => 'The last leg is cut short: :photos of :all photos.',
        'ends_at_start' => 'It ends where it began.',
        'ends_at_last' => 'It ends at the last keyframe.',
    ],
];
