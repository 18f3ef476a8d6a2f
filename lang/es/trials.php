<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Series de prueba',
        'says' => 'Unas fotos con cada intervalo y tiempo de exposición. Valora cada una; la mejor pasa a receta.',
        'grid' => ':part; :photos cada una, :seconds en total, :change_seconds s para cambiar ajustes',
        'no_verdict' => 'sin valorar',
        'best' => 'mejor hasta ahora: :interval y :shutter s',
        'play' => 'Reproducir en paralelo',
        'interval' => 'Intervalo',
        'shutter' => 'exposición :shutter s',
        'cell' => 'desde :layout, desenfoque :openShare %',
        'unrated' => 'sin valorar',
        'rate' => 'Valoración de :interval y :shutter s',
        'why' => 'motivo',
        'why_label' => 'Motivo de :interval y :shutter s',
        'no_fit' => 'no cabe en el intervalo',
        'save' => 'Guardar valoraciones',
        'name' => ':interval y :shutter s',
        'make' => 'Guardar :settings como receta',
        'delete' => 'Eliminar la serie',
        'new' => 'Serie nueva',
        'subject' => 'Sujeto en movimiento',
        'example' => 'juncos al viento',
        'intervals' => 'Intervalos en s',
        'shutters' => 'Tiempos de exposición en s',
        'each' => 'Fotos cada una',
        'create' => 'Crear la serie',
    ],
    'clip' => [
        'clip' => 'Clip de :named',
        'take' => 'Usar en el plan: :named',
        'use' => 'Usar en el plan',
    ],
    'grid_now' => [
        'cells' => ':cells de :cells2 celdas',
        'stop' => 'Parar la prueba',
    ],
    'shoot_it' => [
        'shoot' => 'Hacer la serie',
        'again' => 'Repetir la serie',
        'no_shot' => 'Una serie usa el movimiento de un plano. Crea antes un plano.',
        'over' => 'Movimiento de',
        'says' => 'Cada celda recorre la mitad del movimiento con su diafragma e ISO. Aparta las manos: el rig se mueve y vuelve en cada celda.',
        'start' => 'Hacer la serie',
    ],
];
