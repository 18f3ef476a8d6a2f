<?php

declare(strict_types=1);

return [
    'and' => ':first y :last',
    'between' => 'de :from a :to',
    'or' => ':first o :last',
    'semicolon' => ':first; :last',
    'comma' => ':first, :last',
    'sentences' => ':first :last',
    'capital' => ':Text',
    'photo' => [
        'none' => 'ninguna foto',
        'one' => ':number foto',
        'many' => ':number fotos',
    ],
    'stop' => [
        'none' => 'ningún paso',
        'one' => ':number paso',
        'many' => ':number pasos',
    ],
    'click' => [
        'none' => 'ningún clic',
        'one' => ':number clic',
        'many' => ':number clics',
    ],
    'frame' => [
        'none' => 'ningún fotograma',
        'one' => ':number fotograma',
        'many' => ':number fotogramas',
    ],
    'day' => [
        'none' => 'ningún día',
        'one' => ':number día',
        'many' => ':number días',
    ],
    'interval' => [
        'none' => 'ningún intervalo',
        'one' => ':number intervalo',
        'many' => ':number intervalos',
    ],
    'seconds' => ':number s',
    'plain' => ':first:last',
    'aperture' => 'f/:number',
    'iso' => 'ISO :number',
    'percent' => ':number %',
    'words' => ':first :last',
    'unit' => [
        'stops' => 'pasos',
        'photos' => 'fotos',
        'yes' => '1 = sí',
        'per_hour' => 'por hora',
    ],
    'dates' => [
        'dmy' => 'd \'de\' MMMM \'de\' y',
        'mdy' => 'MMMM d, y',
        'ymd' => 'y-MM-dd',
        'weekday_dmy' => 'EEEE, d \'de\' MMMM \'de\' y',
        'weekday_mdy' => 'EEEE, MMMM d, y',
        'weekday_ymd' => 'EEEE, y-MM-dd',
        'short_dmy' => 'd MMM',
        'short_mdy' => 'MMM d',
        'short_ymd' => 'MM-dd',
    ],
];
