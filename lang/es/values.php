<?php

declare(strict_types=1);

return [
    'between' => 'Introduce :what de :least a :most.',
    'above_zero' => 'Introduce :what mayor que 0 y hasta :most.',
    'clock_time' => [
        'enter' => 'Introduce una hora como 19:40.',
        'next_day' => ':clock (día siguiente)',
        'day_before' => ':clock (día anterior)',
        'days_on' => ':clock (:days días)',
    ],
];
