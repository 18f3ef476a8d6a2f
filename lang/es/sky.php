<?php

declare(strict_types=1);

return [
    'target' => [
        'sun' => 'Sol',
        'moon' => 'Luna',
        'galactic_centre' => 'centro galáctico',
    ],
    'day_window' => [
        'daily' => 'Las horas diarias valen para todos los días: no pongas día.',
        'other' => 'Introduce una hora final distinta de la inicial.',
    ],
    'horizon' => [
        'twice' => ':bearing° aparece dos veces. Introduce una altura por rumbo.',
        'most' => 'Introduce hasta :most_points rumbos.',
        'two' => 'Introduce al menos dos rumbos, como «80 5, 110 12».',
        'gap' => 'de :gap° en sentido horario a :gap2°',
        'open' => 'Sin medir, se cuenta como abierto: :x.',
        'entry' => 'Introduce «:entry» como rumbo de 0 a 360 y altura en grados, como «80 5» o «SW 3».',
        'height' => 'Introduce una altura de :lowest_degrees° a :highest_degrees° en :bearing°.',
    ],
    'local_day' => [
        'date' => 'Introduce una fecha existente de :first_year a :last_year, como 2026-05-14.',
        'zone' => 'Introduce una zona horaria, como Europe/Lisbon o UTC.',
        'skipped' => 'El :date no existió en :zoneName: allí se saltó ese día. Elige otro.',
    ],
    'site' => [
        'name' => 'Introduce un lugar de hasta :most_name_characters caracteres en una línea.',
        'magnitude' => 'un brillo del cielo nocturno en magnitudes',
    ],
    'start' => [
        'clock_only' => 'Quita la hora: solo se usa con el evento clock.',
        'height' => 'una altura sobre el horizonte en grados',
        'height_only' => 'Quita la altura: solo se usa con un astro que sube o baja hasta ella.',
        'seconds' => 'segundos, hasta un día,',
        'day' => '0 para el mismo día o 1 para el siguiente,',
    ],
    'seen' => [
        'never' => ':clock, siempre tras el horizonte',
        'over' => ':clock, asoma a las :seen',
        'behind' => ':clock, se oculta a las :seen',
    ],
    'skies' => [
        'remote' => 'lugar remoto, :magnitude',
        'country' => 'campo, :magnitude',
        'village' => 'afueras de un pueblo, :magnitude',
        'suburb' => 'zona residencial, :magnitude',
        'town' => 'ciudad pequeña, :magnitude',
        'city' => 'ciudad grande, :magnitude',
        'typed' => 'valor introducido, :magnitude',
    ],
    'arrow' => [
        'sunrise' => 'salida del sol',
        'sunset' => 'puesta de sol',
        'moonrise' => 'salida de la luna',
        'moonset' => 'puesta de la luna',
        'galactic_centre' => 'centro galáctico en lo más alto',
    ],
    'compass' => [
        'north' => 'norte',
        'north_east' => 'noreste',
        'east' => 'este',
        'south_east' => 'sureste',
        'south' => 'sur',
        'south_west' => 'suroeste',
        'west' => 'oeste',
        'north_west' => 'noroeste',
    ],
];
