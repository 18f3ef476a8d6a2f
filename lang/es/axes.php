<?php

declare(strict_types=1);

return [
    'slide' => 'deslizamiento',
    'pan' => 'giro',
    'tilt' => 'inclinación',
    'turntable' => 'plataforma',
];
