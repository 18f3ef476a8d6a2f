<?php

declare(strict_types=1);

return [
    'exposed_for' => [
        'land' => 'el paisaje',
        'sky' => 'el cielo',
        'lamps' => 'luz de lámparas',
    ],
    'light' => [
        'limits' => 'La exposición máxima es menor que la mínima: introduce una mayor.',
        'isos' => 'Introduce al menos un valor ISO que pueda usar la cámara.',
        'ev' => 'un valor de exposición',
        'lux' => 'los lux de las lámparas',
        'lamps' => 'Introduce la luminosidad de las lámparas, por ejemplo 40 lux en una calle iluminada; o expón para el paisaje o el cielo.',
        'lamps_on' => 'Introduce :always, :dusk o la hora a la que se encienden, por ejemplo 19:40.',
        'bias' => 'pasos sobre la medición, negativo por debajo,',
        'widest' => 'el número f mínimo del objetivo',
        'narrowest' => 'el número f máximo del objetivo',
        'order' => 'Introduce un número f mayor que el del diafragma máximo.',
        'rising' => 'Los valores van en orden: introduce un número mayor que el anterior.',
    ],
    'light_kind' => [
        'sky' => 'cielo abierto',
        'indoors' => 'interior',
        'roof' => 'bajo techo',
        'lamps' => 'solo lámparas',
    ],
    'target' => [
        'as_metered' => 'según lo medido',
        'darker' => ':stops más oscuro que lo medido',
        'brighter' => ':stops más claro que lo medido',
        'night' => 'noche :stops más oscura',
    ],
    'lamps' => [
        'none' => 'ninguna',
        'few' => 'unas pocas farolas',
        'skyline' => 'una ciudad a lo lejos',
        'street' => 'una calle iluminada',
        'centre' => 'un centro muy iluminado',
        'works' => 'una fábrica o un estadio',
    ],
    'lamps_are_on' => [
        'always' => 'siempre',
        'dusk' => 'anochecer',
    ],
];
