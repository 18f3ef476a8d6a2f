<?php

declare(strict_types=1);

return [
    'between' => 'Enter :what from :least to :most.',
    'above_zero' => 'Enter :what above 0 and up to :most.',
    'clock_time' => [
        'enter' => 'Enter a time of day such as 19:40.',
        'next_day' => ':clock (next day)',
        'day_before' => ':clock (day before)',
        'days_on' => ':clock (:days days)',
    ],
];
