<?php

declare(strict_types=1);

return [
    'back_to' => 'back to: :change',
    'restored' => 'Back to: :change.',
    'on' => 'on',
    'off' => 'off',
    'nothing_changed' => 'nothing changed',
    'and_more' => ':first and :count more change|:first and :count more changes',
    'place_of' => 'position of :peg',
    'at_keyframe' => ':field at :peg',
    'threshold' => 'warning limit for :field',
    'of_axis' => ':axis :field',
    'changed' => ':name :from → :to',
    'none' => 'none',
    'not_set' => 'not set',
    'copied' => 'copied from :title',
    'place' => 'place and day of the shoot',
    'from_file' => 'opened from a file',
    'new_shot' => 'new shot',
    'renamed' => 'renamed to :title',
    'moved' => 'moved to :shoot',
    'rest' => 'rest of a take of :title',
];
