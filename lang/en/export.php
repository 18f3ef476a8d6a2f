<?php

declare(strict_types=1);

return [
    'manifest' => [
        'line' => 'Line :n is not a checksum with a path. Give a manifest.',
    ],
    'otio' => [
        'keyframe' => 'Keyframe :peg',
        'unusable' => 'Photo :first missing or bad|Photos :first to :last missing or bad',
    ],
    'xmp' => [
        'title' => ':title, photo :number',
    ],
];
