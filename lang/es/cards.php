<?php

declare(strict_types=1);

return [
    'file' => [
        'day' => 'Día',
        'shots' => 'Planos',
        'at' => 'a las :clock',
        'first_now' => 'Primera foto ahora',
        'earlier' => '1 min antes',
        'later' => '1 min después',
        'planned' => 'Según el plan',
        'none' => 'Todavía no hay planos.',
    ],
    'card' => [
        'label' => 'Hoja de campo de :title',
        'no_start' => 'Sin hora de inicio',
        'photo' => 'foto :photo',
        'exposure' => 'Exposición:part',
        'cues' => ': cambios tras la foto',
        'checks' => 'Comprobaciones previas',
        'watch' => 'Vigilar',
        'late' => 'Si vas con retraso',
        'cautions' => 'Precauciones',
    ],
    'show' => [
        'title' => 'Hojas de campo',
        'lead' => 'Una página A5 por plano. El archivo para el móvil las incluye todas, funciona sin conexión y cuenta atrás hasta el siguiente evento.',
        'nav' => 'Hojas de campo',
        'phone' => 'Archivo para el móvil',
        'none' => 'Todavía no hay planos. Crea uno para tener su hoja de campo.',
    ],
];
