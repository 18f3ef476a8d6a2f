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
        'note' => 'Nota',
        'exposures' => 'Exposiciones',
        'stay' => 'constantes',
        'batteries' => 'baterías',
    ],
    'applied' => [
        'fixed' => ':fix.',
        'mains' => 'Una toma tan larga necesita corriente de red: se quitan las baterías.',
        'ramp' => 'Las exposiciones siguen la luz.',
        'interval' => 'Intervalo de :interval en vez de :intervalSeconds.',
        'what' => ':kind «:name»',
    ],
    'cell' => [
        'own_timer' => 'La cámara de este plano usa su intervalómetro, que solo se ajusta en ella. Elige un plano cuya cámara se dispare desde fuera.',
        'too_short' => 'Intervalo demasiado corto: rig y cámara necesitan aquí :x por foto.',
        'taken' => 'intervalo :interval y exposición :shutter s, de la prueba «:subject»',
    ],
    'kind' => [
        'move' => 'movimiento',
        'shot' => 'plano completo',
        'recipe' => 'receta',
    ],
    'recipe' => [
        'share' => 'Escribe la parte del intervalo con el obturador abierto, más de 0 y menos de 100 %.',
        'why' => 'Escribe el motivo, en 500 caracteres como máximo.',
        'in_short' => 'intervalo :intervalSeconds, obturador abierto el :openShare %, clip de :clipSeconds: :reason',
    ],
    'recipe_of_shot' => [
        'warned' => 'Intervalo de :intervalSeconds no: :reason',
    ],
    'recipe_text' => [
        'interval' => 'Escribe un intervalo en segundos, por ejemplo 8 o 2 min.',
        'share' => 'Escribe la parte del intervalo con el obturador abierto, por ejemplo 40 %.',
        'clip' => 'Escribe la duración del clip en segundos, por ejemplo 20.',
        'exposed_for' => 'Elige paisaje, cielo o luz de lámparas, o déjalo como en el plano.',
        'not_one' => 'No es una receta.',
    ],
    'trial' => [
        'subject' => 'Escribe qué se prueba, en :most_subject_characters caracteres como máximo.',
        'values' => 'Da de uno a :most_of_each valores distintos, por ejemplo 1 2 4.',
        'no_cell' => 'No existe esa celda.',
        'note' => 'Escribe :most_note_characters caracteres como máximo.',
        'verdict' => 'Valora antes una celda.',
        'alone' => 'Probado solo',
        'against_one' => 'Probado frente a otro',
        'against_many' => 'Probado frente a otros :judged',
        'reason' => ':against.',
        'reason_note' => ':against: :note.',
    ],
    'trial_text' => [
        'seconds' => 'Escribe segundos separados por espacios, por ejemplo 1 2 4 o 1/60 1/2 1.',
        'photos' => 'Escribe cuántas fotos hace cada una, por ejemplo 48.',
        'not_one' => 'No es una prueba.',
    ],
    'shipped' => [
        'traffic' => [
            'name' => 'Tráfico',
            'note' => 'Los coches cruzan el encuadre en segundos. Con intervalos cortos se ven; una exposición de medio intervalo funde sus pasos.',
        ],
        'people' => [
            'name' => 'Personas',
            'note' => 'Quien camina da un paso por segundo. Con intervalos más largos la gente aparece y desaparece.',
        ],
        'fog' => [
            'name' => 'Nubes rápidas o niebla',
            'note' => 'Las nubes que lleva el viento cambian pronto de forma. Con intervalos más largos parpadean.',
        ],
        'cloud' => [
            'name' => 'Nubes lentas',
            'note' => 'Las nubes lentas no piden intervalos cortos. Una exposición breve mantiene nítidos sus bordes.',
        ],
        'tide' => [
            'name' => 'Marea y sombras',
            'note' => 'La orilla y las sombras avanzan despacio. Intervalos más cortos solo llenan tarjetas; más largos dan saltos con viento y oleaje.',
        ],
        'sunset' => [
            'name' => 'Puesta de sol',
            'note' => 'La luz baja un paso cada pocos minutos. Usa una rampa de exposición y deja sitio en el intervalo para exposiciones más largas.',
        ],
        'stars' => [
            'name' => 'Estrellas',
            'note' => 'Exposiciones tan largas como permita el cielo, con la pausa más corta que permita la tarjeta: los trazos quedan sin cortes.',
        ],
        'growth' => [
            'name' => 'Crecimiento y obras',
            'note' => 'Los cambios tardan días. Un intervalo que divida la hora mantiene comparable la luz de cada hora. Usa la red eléctrica.',
        ],
    ],
];
