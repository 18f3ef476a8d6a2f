<?php

declare(strict_types=1);

namespace App\Pages;

/**
 * What fills a photo's interval, side by side: the camera's chain and the rig's.
 */
final class IntervalBar
{
    /** By track: what kind each segment is, the column that says when it begins, the one that says how long it lasts, and its name. */
    public const TRACKS = [
        'camera' => [
            ['lag', '0', 'lag', 'lag'], ['open', 'lag', 'exposure', 'open'], ['dark', 'dark_start', 'dark', 'dark frame'],
            ['write', 'write_start', 'write', 'writes'],
        ],
        'rig' => [['move', 'move_start', 'move', 'moves'], ['settle', 'settle_start', 'settle', 'settles']],
    ];
}
