<?php

declare(strict_types=1);

return [
    'back_to' => 'vuelta a: :change',
    'restored' => 'Vuelta a: :change.',
    'on' => 'sí',
    'off' => 'no',
    'nothing_changed' => 'sin cambios',
    'and_more' => ':first y :count cambio más|:first y :count cambios más',
    'place_of' => 'posición de :peg',
    'at_keyframe' => ':field en :peg',
    'threshold' => 'límite de aviso de :field',
    'of_axis' => ':axis :field',
    'changed' => ':name :from → :to',
    'none' => 'ninguno',
    'not_set' => 'sin definir',
    'copied' => 'copiado de :title',
    'place' => 'lugar y día de la sesión',
    'from_file' => 'abierto desde un archivo',
    'new_shot' => 'plano nuevo',
    'renamed' => 'renombrado a :title',
    'moved' => 'movido a :shoot',
    'rest' => 'resto de una toma de :title',
];
