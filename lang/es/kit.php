<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Equipo',
        'lead' => 'Tu equipo. Al elegir una pieza, el plano copia sus datos; los cambios posteriores no lo alteran.',
        'files' => 'Archivos de equipo',
        'json' => 'En JSON',
        'csv' => 'En CSV',
        'file' => 'Archivo de equipo, JSON o CSV',
        'read' => 'Importar archivo',
        'add_kind' => 'Añadir :kind',
        'add' => 'Añadir al equipo',
        'home' => 'y buscar el origen del rig. Aparta las manos',
        'test_photo' => 'y hacer una foto de prueba',
        'try' => 'Probar',
        'remove' => 'Quitar del equipo',
    ],
];
