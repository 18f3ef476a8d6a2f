<?php

declare(strict_types=1);

return [
    'fixed' => 'Fixed already.',
    'done' => ':fix: done.',
    'done_reverse_clip' => ':fix: done. This shot has a frame list: reverse it in Clip once its photos are of this move.',
    'nothing' => 'nothing to fix',
    'change' => ':finding: :fix',
];
