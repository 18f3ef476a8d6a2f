<?php

declare(strict_types=1);

return [
    'layout' => [
        'skip' => 'Saltar al contenido',
        'crumbs' => 'Ruta',
        'kit' => 'Equipo',
        'presets' => 'Preajustes',
        'settings' => 'Ajustes',
        'look' => 'Aspecto',
        'name_look' => 'Aspecto :name',
        'look_day' => 'Día',
        'look_dusk' => 'Crepúsculo',
        'look_night' => 'Noche',
        'stop' => 'Parar',
    ],
    'pager' => [
        'first' => 'Primera',
        'previous' => 'Anterior',
        'next' => 'Siguiente',
        'last' => 'Última',
        'page' => 'Página :name',
        'range' => ':firstItem–:lastItem de :total',
        'go_to' => 'Ir a la foto',
        'go' => 'Ir',
    ],
    'pin' => [
        'pin' => 'Fijar :what',
    ],
    'said' => [
        'deleted' => '«:name» eliminado.',
        'undo' => 'Deshacer',
        'dismiss' => 'Cerrar',
    ],
    'saving' => [
        'saved' => 'Guardado',
    ],
];
