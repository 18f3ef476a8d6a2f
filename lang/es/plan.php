<?php

declare(strict_types=1);

return [
    'ends_by' => [
        'hand' => 'al terminarla a mano',
        'card' => 'con la tarjeta llena',
        'battery' => 'con una batería agotada',
        'time' => 'a una hora',
    ],
    'film' => [
        'whole_frames' => 'un número entero de fotogramas',
        'data_rate' => 'gigabytes por minuto',
    ],
    'film_kind' => [
        'camera' => 'el vídeo timelapse de la cámara',
        'sped_up' => 'vídeo acelerado',
    ],
    'focus_mode' => [
        'manual' => 'manual',
        'auto' => 'autofoco',
    ],
    'lead' => [
        'name' => 'Introduce el nombre del cable, hasta :most_name_characters caracteres en una línea.',
        'wanted' => 'cable disparador de :rigGives en el rig a :bodyTakes en la cámara',
    ],
    'open_end' => [
        'when' => 'Introduce la hora final: una hora como 23:30, o 20 min antes de la salida del sol.',
        'unused' => 'Quita la hora o pon la condición de fin a una hora.',
    ],
    'pass_by' => [
        'second' => 'una segunda cámara junto a la primera',
        'same' => 'la misma cámara, antes o después',
    ],
    'plan' => [
        'title' => 'Introduce un título de hasta :most_title_characters caracteres.',
        'title_line' => 'Introduce un título en una línea, con letras, cifras y símbolos.',
        'missing' => 'Introduce aquí la posición de :missing.',
        'unknown' => 'El rig no tiene el eje :unknown. Quita este campo.',
        'too_many' => 'El total está limitado a :most_photos fotos.',
        'no_clock' => 'El stop motion acaba con sus fotos. Elige esa condición de fin u otro movimiento.',
        'most_items' => 'Introduce como máximo :most.',
        'key_between' => 'Solo se puede añadir una posición clave entre otras dos.',
        'key_out' => 'Solo se puede quitar una posición clave entre otras dos.',
    ],
    'scene' => [
        'fallback' => 'Introduce la posición alternativa, hasta :most_characters caracteres en una línea.',
    ],
    'socket' => [
        'jack_2_5' => 'jack de 2,5 mm',
        'jack_3_5' => 'jack de 3,5 mm',
        'round_pins' => 'conector redondo de pines',
        'flat_pins' => 'conector plano de pines',
        'micro_usb' => 'micro USB',
        'infrared' => 'receptor de infrarrojos',
    ],
    'source' => [
        'typed' => 'introducido',
        'kit' => 'del equipo',
        'preset' => 'de un preajuste',
        'measured' => 'medido',
        'assumed' => 'supuesto',
    ],
    'trouble' => [
        'begins' => 'Introduce la hora de inicio o deja las dos vacías.',
        'note' => 'Introduce una nota de hasta :most_note_characters caracteres en una línea.',
        'any_time' => ':kind:note',
        'at' => ':kind a las :from:note',
        'from_to' => ':kind de :from a :to:note',
        'noted' => ': :note',
    ],
    'trouble_kind' => [
        'people' => 'gente',
        'lamps' => 'luces que se encienden o apagan',
        'traffic' => 'tráfico',
        'guard' => 'policía o vigilante',
        'rain' => 'lluvia',
        'wind' => 'viento',
        'other' => 'otra cosa',
    ],
    'white_balance' => [
        'fixed' => 'fijo',
        'by_clock' => 'cambiado por hora',
        'raw' => 'raw, se ajusta después',
    ],
    'settings' => [
        'white_fixed' => 'balance de blancos fijo',
        'white' => 'balance de blancos :kelvin K',
        'white_by_clock' => 'balance de blancos cambiado por hora',
        'white_from' => 'balance de blancos :kelvin K, luego cambiado por hora',
        'white_from_to' => 'balance de blancos :kelvin K, luego cambiado por hora a :end K',
        'white_raw' => 'balance de blancos fijo, raw',
        'focus_manual' => 'enfoque manual',
        'focus_auto' => 'autofoco',
        'stabiliser_on' => 'estabilizador activado',
        'stabiliser_off' => 'estabilizador desactivado',
        'review_on' => 'revisión de imagen activada',
        'review_off' => 'revisión de imagen desactivada',
        'beep_on' => 'pitido activado',
        'beep_off' => 'pitido desactivado',
    ],
];
