<?php

declare(strict_types=1);

return [
    'backdrop' => [
        'shape' => 'Esta foto es de :widthPixels × :heightPixels píxeles y las de la cámara de :imageWidthPixels × :imageHeightPixels: no tienen la misma proporción. Elige una foto sin recortar.',
    ],
    'optics' => [
        'pixels' => 'un número entero de píxeles',
        'circle' => 'un círculo de confusión en milímetros, como 0,03,',
        'zoom' => 'un factor de ampliación, 1 para ninguno,',
        'speed' => 'metros por segundo',
        'pan' => 'grados de giro',
        'order' => 'El sujeto está entre el primer plano y el fondo: introduce una distancia entre las dos.',
        'short' => ':focalMillimetres mm en :sensorWidthMillimetres × :sensorHeightMillimetres mm; cerca :foregroundMetres, sujeto :subjectMetres, lejos :backgroundMetres',
    ],
    'scene' => [
        'none' => 'sin indicar: ejemplo',
        'shore' => 'costa: estacas, un molino, colinas',
        'street' => 'calle: farolas, casas, torres',
        'hills' => 'colinas: rocas, una cabaña, crestas',
        'room' => 'habitación: una mesa, una planta, una pared',
    ],
    'subject_kind' => [
        'single' => 'algo que sigue la vista',
        'stream' => 'un flujo: tráfico, multitud, agua',
    ],
];
