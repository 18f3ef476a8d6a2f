<?php

declare(strict_types=1);

return [
    'index' => [
        'title' => 'Preajustes',
        'lead' => 'Recetas para sujetos habituales, y movimientos y planos guardados. Se aplican desde un plano.',
        'recipes' => 'Recetas',
        'own' => 'Receta nueva',
        'subject' => 'Sujeto',
        'interval' => 'Intervalo',
        'shutter' => 'exposición',
        'of_it' => '% del intervalo',
        'clip' => 'clip',
        'exposed_for' => 'exponer para',
        'as_shot' => 'según el plano',
        'land' => 'el paisaje',
        'sky' => 'el cielo',
        'lamps' => 'luz de lámparas',
        'follow' => 'rampa de exposición',
        'power' => 'energía',
        'mains' => 'red eléctrica',
        'shooting' => 'toma de :shootingSeconds a 24 fps',
        'save_recipe' => 'Guardar receta',
        'delete' => 'Eliminar :preset',
        'moves' => 'Movimientos y planos',
        'none' => 'Aquí aparecen los movimientos y planos guardados. Usa «Guardar como preajuste» en un plano.',
    ],
    'applied' => [
        'fixed' => ':fix.',
    ],
];
