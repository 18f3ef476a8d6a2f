<?php

declare(strict_types=1);

return [
    'no_such' => 'This change does not exist.',
    'no_sky' => 'Set place, date and start time first.',
    'keyframe' => [
        'none' => 'This keyframe does not exist.',
    ],
    'add_keyframe' => [
        'done' => 'keyframe added at photo :whole',
    ],
    'add_keyframe_after' => [
        'done' => 'keyframe added after :peg',
    ],
    'add_trouble' => [
        'choose' => 'Choose a risk.',
        'most' => 'A shot has at most :most risks: remove one first.',
        'done' => 'risk added: :kind',
    ],
    'aim_at_target' => [
        'never' => 'This does not occur there on that day. Enter another time.',
        'done' => ':peg aimed at :name',
    ],
    'aim_ends' => [
        'bearing' => 'Enter a compass bearing in degrees, such as 245.',
        'height' => 'Enter a height above the horizon in degrees, such as 4.',
        'one' => 'Enter a bearing for the start, the end, or both.',
        'done' => 'aimed by bearing and height',
    ],
    'change_exposure_keys' => [
        'done' => 'exposure keys',
    ],
    'change_interval_keys' => [
        'done' => 'interval keys',
    ],
    'confirm_assumed' => [
        'none' => 'These values are confirmed already.',
        'done' => ':count value confirmed|:count values confirmed',
    ],
    'darken_night' => [
        'stops' => 'Enter by how many stops to darken the night, from 0 to 6.',
        'metered' => 'night as metered',
        'done' => 'night :stops darker',
    ],
    'describe_picture' => [
        'done' => 'picture data added',
    ],
    'described_part' => [
        'none' => 'This part does not exist.',
        'added' => ':part data added',
        'removed' => ':part data removed',
        'part' => [
            'light' => 'light',
            'storage' => 'card',
            'load' => 'load',
            'power_camera' => 'camera power',
            'power_rig' => 'rig power',
            'power_bank' => 'power bank',
        ],
    ],
    'expose_by_school' => [
        'none' => 'This exposure method does not exist.',
        'done' => 'exposure method: :school',
    ],
    'face_bearing' => [
        'bearing' => 'Enter a bearing in degrees from true north, such as 238.',
        'done' => 'camera direction :bearing°',
    ],
    'fit_move' => [
        'done' => 'move fitted to the travel',
    ],
    'flip_axis' => [
        'done' => ':text mirrored',
    ],
    'forget_metered_light' => [
        'done' => 'meter reading cleared',
    ],
    'give_leg_its_ease' => [
        'done' => ':part from :peg',
        'move' => 'easing of the move',
        'own' => 'custom easing',
    ],
    'hold_at_keyframe' => [
        'done' => ':part held at :peg',
    ],
    'leave_kit_out' => [
        'done' => 'kit item removed',
    ],
    'leave_picture_out' => [
        'done' => 'picture data removed',
    ],
    'meter_light' => [
        'shutter' => 'the metered shutter time, in seconds,',
        'aperture' => 'the metered f-number',
        'iso' => 'the metered ISO',
        'when' => 'Enter the time of the reading, such as 17:40.',
        'done' => 'calibrated to reading',
        'done_at' => 'calibrated to reading at :at',
    ],
    'nudge_axis' => [
        'far' => 'Enter a distance, such as 5 or -0.5.',
        'done' => ':axisId shifted by :text at every keyframe',
    ],
    'open_for_share' => [
        'done' => 'exposure :text % of the interval',
    ],
    'pan_by_frames' => [
        'widths' => 'Enter a number of frame widths, such as 1.5; negative pans left.',
        'done' => 'pan of :text frame widths',
    ],
    'scale_move' => [
        'factor' => 'Enter a factor such as 0.5, or 150 %.',
        'done' => 'move scaled by :text',
    ],
    'set_compass' => [
        'reading' => 'Enter the compass reading in degrees, such as 238.',
        'variation' => 'Enter the variation in degrees, east positive, such as 1.5.',
        'done' => 'pan 0 set by compass: :zeroBearingDegrees°',
    ],
    'set_keyframe_here' => [
        'done' => 'keyframe :peg set from the rig’s position',
    ],
    'shoot_as_fast_as_it_can' => [
        'done' => 'shortest interval',
    ],
    'swap_direction' => [
        'done' => 'direction reversed',
    ],
    'take_keyframe_out' => [
        'done' => 'keyframe :peg removed',
    ],
    'take_trouble_out' => [
        'gone' => 'It is removed already.',
        'done' => 'risk removed: :kind',
    ],
    'track_target' => [
        'turn' => 'base turned :by° to the :part, so that pan 0 points to :to°',
        'right' => 'right',
        'left' => 'left',
        'done' => ':name tracked',
        'turn_base' => 'Turn the base: :turned. Otherwise the pan exceeds its travel.',
    ],
    'turn_axis' => [
        'done' => 'total travel of :axis :way',
        'way' => 'Enter a total travel, such as 360, 1.5 turns or -90; negative reverses it.',
    ],
    'figure' => [
        'photos' => 'photos',
        'interval' => 'the interval',
        'shooting' => 'the run time',
    ],
    'figure_steps' => [
        'step' => 'Step by less or more.',
        'typed' => 'Enter this figure.',
    ],
    'framing' => [
        'north' => 'Pan 0 is assumed north until you set the camera direction.',
        'widths' => 'frame widths',
        'height' => 'a height in degrees',
        'no_tilt' => 'The rig has no tilt: enter 0, or tilt the camera yourself.',
        'variation' => 'a variation in degrees, east positive,',
        'no_pan' => 'The rig has no pan axis.',
    ],
    'given_with_edit' => [
        'whole' => 'Enter a whole number.',
        'choose' => 'Choose :names.',
        'position' => 'Enter a position in mm or degrees.',
    ],
    'going_once' => [
        'too_many' => 'The rest reverses too often for a move of its own: it needs :keyframes keyframes, and a move has at most :most_keyframes.',
    ],
    'held_figures' => [
        'standing' => 'That makes :photos, and :standing of them are in holds: at least two must be during the move. Enter more, or shorten the holds.',
        'too_short' => 'That leaves :to per photo, no longer than its exposure: enter more time.',
        'rounded' => 'clip rounded up to :photos, :clipSeconds s',
        'least' => 'the minimum is :booked',
        'left' => ':left of :shootingSeconds unused',
        'setting' => 'the timer’s setting is :intervalSeconds s',
    ],
    'held_step' => [
        'step' => 'Enter a step per photo above 0, such as 1.5 mm or 0.6°.',
        'still' => 'The :axisId does not move: set its first and last keyframe first.',
    ],
    'keyframe_edits' => [
        'taken' => 'There is a keyframe on this photo already: choose another photo.',
    ],
    'move_edits' => [
        'factor' => 'Enter a factor above 0 and up to :most_factor.',
        'axis' => 'Enter an axis of the rig: :x.',
    ],
    'other_way' => [
        'keep' => 'Keep :keeps: :told',
        'clip' => 'clip :clipSeconds',
        'run' => 'run time :shooting',
        'interval' => 'interval :longest',
        'booked' => 'run time :bookedSeconds',
    ],
    'picking' => [
        'none' => 'This item is not in the shot.',
    ],
    'pinned_plan' => [
        'all' => 'Photos, interval and run time were all entered: leave one as it was, and it follows.',
        'photos_follow' => 'photos follow',
        'interval_follows' => 'interval follows',
        'shooting_follows' => 'run time follows',
        'photos_give' => 'Photos change: :is instead of :was.',
        'interval_gives' => 'Interval changes: :longest instead of :longest2.',
        'shooting_gives' => 'Run time changes: :booked instead of :asked.',
    ],
    'pinned_remedies' => [
        'untimed' => 'The fix leaves the shot without timing.',
        'pinned' => 'The fixes change :named, which you pinned: unpin it to see them.',
    ],
    'pins' => [
        'pinning' => 'Pinned: :are; :named follows from them. Unpin one of them first.',
        'all_pinned' => 'Pinned: :are. Nothing can change: unpin one first.',
    ],
    'rest_of_shot' => [
        'photo' => 'Enter a photo from 2 to :total: at least two must be left.',
        'mark' => ', remaining photos',
    ],
    'sky_edits' => [
        'no_pan' => 'The rig has no pan axis to track with.',
    ],
    'typed_figures' => [
        'photos' => 'Enter a whole number of photos, at least 2.',
        'clip' => 'Enter a clip length, such as 10 s.',
        'shooting' => 'Enter a run time, such as 32 min, 2 h, 1:30 or 1h30.',
        'pins' => 'Photos, interval or run time can be pinned.',
        'one' => 'Enter photos or clip, not both: one follows from the other.',
    ],
    'mark_keyframe' => [
        'marked' => ':peg marked as most important',
        'cleared' => ':peg no longer most important',
    ],
    'pass_keyframe' => [
        'passes' => 'passes through :peg',
        'stops' => 'stops at :peg',
    ],
    'smear_by' => [
        'share' => 'smear :text of the frame',
        'pixels' => 'smear :text px',
    ],
];
