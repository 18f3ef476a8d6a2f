<?php

declare(strict_types=1);

return [
    'between' => 'Introduce :what de :least a :most.',
    'above_zero' => 'Introduce :what mayor que 0 y hasta :most.',
];
