<?php

declare(strict_types=1);

return [
    'expose' => 'Ajustar la exposición a :told',
    'shorten_exposures' => 'Acortar todas las exposiciones :stops',
    'interval_s' => 'Ajustar el intervalo a :seconds s',
    'interval' => 'Ajustar el intervalo a :longest',
    'stop_for_each' => 'Usar parar y disparar',
    'controller_bulb' => 'Medir la exposición con el controlador (bulb)',
    'spread' => 'Repartir el movimiento en :photos',
];
