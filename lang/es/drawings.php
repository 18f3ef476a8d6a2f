<?php

declare(strict_types=1);

return [
    'brightness' => [
        'told' => 'Objetivo: :range desde lo medido. Previsto: :range2.',
    ],
    'drawable' => [
        'photos' => 'Un plano puede tener aquí hasta :most_photos fotos, incluidas las esperas.',
        'positions' => 'Con :axes ejes un plano puede tener aquí hasta :most_positions fotos.',
        'too_slow' => 'Toma de :days días; el límite aquí es :most. Sube la velocidad o la aceleración, o acorta el recorrido.',
        'too_long' => 'Toma de :days días; el límite aquí es :most. Escribe un intervalo más corto o menos fotos.',
    ],
    'ribbon' => [
        'slack' => 'Margen de cada foto en su intervalo: el menor en la foto :photo, :seconds',
        'short' => 'Margen de cada foto en su intervalo: a la foto :photo le faltan :seconds',
    ],
    'budget' => [
        'camera_battery' => 'Batería de la cámara',
        'rig_battery' => 'Batería del rig',
        'power_bank' => 'Batería externa',
        'cards' => 'Tarjetas',
        'tripod' => 'Trípode, el doble de la carga',
        'carriage' => 'Carro, el doble de la carga',
        'thrust' => 'Empuje en la pendiente',
        'horizon' => 'Inclinación del horizonte en el borde',
        'dies' => 'se agota en la foto :photo',
        'left' => 'queda el :percent %',
        'of' => ':is de :most',
        'photos' => ':photos de :capacity',
        'second_card' => ':photos de :capacity, segunda tarjeta desde la foto :from',
    ],
];
