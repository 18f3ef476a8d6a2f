<?php

declare(strict_types=1);

return [
    'power' => [
        'curve' => 'Da la capacidad restante al menos para una temperatura.',
        'order' => 'Escríbelas en orden: una temperatura mayor que la anterior.',
    ],
    'slot_use' => [
        'overflow' => 'sigue la segunda tarjeta',
        'copy' => 'cada foto en las dos tarjetas',
        'split' => 'raw en la primera, JPEG en la segunda',
    ],
    'storage' => [
        'size' => 'Escribe los megabytes del raw, del JPEG o de ambos.',
        'cards' => 'Da el espacio libre de una tarjeta o de dos, en gigabytes.',
    ],
];
