<?php

declare(strict_types=1);

return [
    'slide' => 'slide',
    'pan' => 'pan',
    'tilt' => 'tilt',
    'turntable' => 'turntable',
];
