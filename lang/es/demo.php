<?php

declare(strict_types=1);

return [
    'kit' => [
        'full_frame' => 'Cuerpo de formato completo, 24 MP',
        'small_sensor' => 'Cuerpo de sensor pequeño, 26 MP',
        'pocket' => 'Cámara compacta, 20 MP',
        'phone' => 'Teléfono, cámara principal',
        'wide' => 'Gran angular 20 mm',
        'pocket_lens' => 'Objetivo de la compacta a 8,8 mm',
        'phone_lens' => 'Objetivo del teléfono, 6,9 mm',
        'normal' => 'Normal 35 mm',
        'long' => 'Teleobjetivo 85 mm',
        'rail' => 'Raíl de 900 mm con giro e inclinación',
        'head' => 'Cabezal de giro e inclinación',
        'pan_head' => 'Cabezal solo de giro',
        'heavy_tripod' => 'Trípode pesado',
        'light_tripod' => 'Trípode ligero',
        'nd_3' => 'ND de 3 pasos',
        'nd_6' => 'ND de 6 pasos',
        'nd_10' => 'ND de 10 pasos',
        'card_64' => 'Tarjeta de 64 GB',
        'card_128' => 'Tarjeta de 128 GB',
        'battery' => 'Batería de 16 Wh',
        'rig_battery' => 'Batería del rig, 50 Wh',
        'timer' => 'Temporizador sencillo',
        'power_bank' => 'Batería externa de 70 Wh',
        'trigger_cable' => 'Cable de disparo',
        'dummy_battery' => 'Batería simulada con cable',
    ],
    'note' => [
        'thirds' => 'diales por tercios; los valores están redondeados',
        'built_in' => 'intervalómetro integrado, segundos enteros',
        'built_in_list' => 'intervalómetro integrado, con una lista de intervalos',
        'whole_seconds' => 'segundos enteros',
        'spare' => 'uno de repuesto',
    ],
    'trial' => 'Juncos junto a la compuerta, viento flojo',
    'shoot' => [
        'name' => 'Marea viva en el molino de Saltreach',
        'place' => 'Estuario de Saltreach: molino de mareas, compuerta y salinas',
    ],
    'event' => [
        'high_water' => 'pleamar',
        'low_water' => 'bajamar',
        'gate' => 'se cierra la compuerta',
    ],
    'shot' => [
        'dusk' => 'Anochecer sobre las salinas',
        'flood' => 'Marea creciente en el caz del molino',
        'moonrise' => 'Salida de la Luna sobre la casa de bombas',
        'salt' => 'La sal sube en las balsas de evaporación',
    ],
];
