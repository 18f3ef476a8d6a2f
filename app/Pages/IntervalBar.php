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
            ['lag', '0', 'lag', 'app.interval_bar.lag'], ['open', 'lag', 'exposure', 'app.interval_bar.open'],
            ['dark', 'dark_start', 'dark', 'app.interval_bar.dark'],
            ['write', 'write_start', 'write', 'app.interval_bar.write'],
        ],
        'rig' => [['move', 'move_start', 'move', 'app.interval_bar.move'], ['settle', 'settle_start', 'settle', 'app.interval_bar.settle']],
    ];
}
