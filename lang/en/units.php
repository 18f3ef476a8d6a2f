<?php

declare(strict_types=1);

return [
    'and' => ':first and :last',
    'between' => ':from to :to',
    'or' => ':first or :last',
    'semicolon' => ':first; :last',
    'comma' => ':first, :last',
    'sentences' => ':first :last',
    'capital' => ':Text',
    'photo' => [
        'none' => 'no photos',
        'one' => ':number photo',
        'many' => ':number photos',
    ],
    'stop' => [
        'none' => 'no stops',
        'one' => ':number stop',
        'many' => ':number stops',
    ],
    'click' => [
        'none' => 'no clicks',
        'one' => ':number click',
        'many' => ':number clicks',
    ],
    'frame' => [
        'none' => 'no frames',
        'one' => ':number frame',
        'many' => ':number frames',
    ],
    'day' => [
        'none' => 'no days',
        'one' => ':number day',
        'many' => ':number days',
    ],
    'interval' => [
        'none' => 'no intervals',
        'one' => ':number interval',
        'many' => ':number intervals',
    ],
    'seconds' => ':number s',
    'plain' => ':first:last',
    'aperture' => 'f/:number',
    'iso' => 'ISO :number',
    'percent' => ':number %',
    'words' => ':first :last',
    'unit' => [
        'stops' => 'stops',
        'photos' => 'photos',
        'yes' => '1 = yes',
        'per_hour' => 'per hour',
    ],
    'dates' => [
        'dmy' => 'd MMMM y',
        'mdy' => 'MMMM d, y',
        'ymd' => 'y-MM-dd',
        'weekday_dmy' => 'EEEE d MMMM y',
        'weekday_mdy' => 'EEEE MMMM d, y',
        'weekday_ymd' => 'EEEE y-MM-dd',
        'short_dmy' => 'd MMM',
        'short_mdy' => 'MMM d',
        'short_ymd' => 'MM-dd',
    ],
];
