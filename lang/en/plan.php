<?php

declare(strict_types=1);

return [
    'ends_by' => [
        'hand' => 'when ended by hand',
        'card' => 'when the card is full',
        'battery' => 'when a battery is empty',
        'time' => 'at a time',
    ],
    'film' => [
        'whole_frames' => 'a whole number of frames',
        'data_rate' => 'gigabytes per minute',
    ],
    'film_kind' => [
        'camera' => 'the camera’s own time-lapse video',
        'sped_up' => 'video, sped up',
    ],
    'focus_mode' => [
        'manual' => 'manual',
        'auto' => 'autofocus',
    ],
    'lead' => [
        'name' => 'Enter the cable’s name, up to :most_name_characters characters on one line.',
        'wanted' => 'shutter cable from :rigGives at the rig to :bodyTakes at the camera',
    ],
    'open_end' => [
        'when' => 'Enter the end time: a time of day such as 23:30, or 20 min before sunrise.',
        'unused' => 'Remove the time, or set the end condition to a time.',
    ],
    'pass_by' => [
        'second' => 'a second camera next to the first',
        'same' => 'the same camera, before or after',
    ],
    'plan' => [
        'title' => 'Enter a title of up to :most_title_characters characters.',
        'title_line' => 'Enter a title on one line, with letters, digits and symbols.',
        'missing' => 'Enter the :missing position here.',
        'unknown' => 'The rig has no axis :unknown. Remove this field.',
        'too_many' => 'The total is limited to :most_photos photos.',
        'no_clock' => 'Stop motion ends with its photos. Choose that end condition, or another movement.',
        'most_items' => 'Enter at most :most of these.',
        'key_between' => 'A keyframe can be added only between two others.',
        'key_out' => 'Only a keyframe between two others can be removed.',
    ],
    'scene' => [
        'fallback' => 'Enter the fallback position, up to :most_characters characters on one line.',
    ],
    'socket' => [
        'jack_2_5' => '2.5 mm jack',
        'jack_3_5' => '3.5 mm jack',
        'round_pins' => 'round plug with pins',
        'flat_pins' => 'flat plug with pins',
        'micro_usb' => 'micro USB',
        'infrared' => 'infrared receiver',
    ],
    'source' => [
        'typed' => 'entered',
        'kit' => 'from kit',
        'preset' => 'from a preset',
        'measured' => 'measured',
        'assumed' => 'assumed',
    ],
    'trouble' => [
        'begins' => 'Enter its start time, or leave both times empty.',
        'note' => 'Enter a note of up to :most_note_characters characters on one line.',
        'any_time' => ':kind:note',
        'at' => ':kind at :from:note',
        'from_to' => ':kind from :from to :to:note',
        'noted' => ': :note',
    ],
    'trouble_kind' => [
        'people' => 'people',
        'lamps' => 'lamps switched on or off',
        'traffic' => 'traffic',
        'guard' => 'police or a guard',
        'rain' => 'rain',
        'wind' => 'wind',
        'other' => 'something else',
    ],
    'white_balance' => [
        'fixed' => 'fixed',
        'by_clock' => 'changed by time',
        'raw' => 'raw, set later',
    ],
    'settings' => [
        'white_fixed' => 'white balance fixed',
        'white' => 'white balance :kelvin K',
        'white_by_clock' => 'white balance changed by time',
        'white_from' => 'white balance :kelvin K, then changed by time',
        'white_from_to' => 'white balance :kelvin K, then changed by time to :end K',
        'white_raw' => 'white balance fixed, raw',
        'focus_manual' => 'focus manual',
        'focus_auto' => 'autofocus',
        'stabiliser_on' => 'stabiliser on',
        'stabiliser_off' => 'stabiliser off',
        'review_on' => 'image review on',
        'review_off' => 'image review off',
        'beep_on' => 'beep on',
        'beep_off' => 'beep off',
    ],
];
