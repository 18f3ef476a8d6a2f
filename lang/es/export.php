<?php

declare(strict_types=1);

return [
    'manifest' => [
        'line' => 'La línea :n no es una suma de verificación con su ruta. Da un manifiesto.',
    ],
    'otio' => [
        'keyframe' => 'Posición clave :peg',
        'unusable' => 'Foto :first ausente o defectuosa|Fotos :first a :last ausentes o defectuosas',
    ],
    'xmp' => [
        'title' => ':title, foto :number',
    ],
];
