<?php

declare(strict_types=1);

return [
    'axis' => [
        'travel' => 'Introduce sus límites de recorrido o ponlo sin fin.',
        'name' => 'Nombra el eje con minúsculas, cifras y _, como slide, pan o tilt.',
        'lowest' => 'una posición mínima',
        'highest' => 'una posición máxima',
        'order' => 'Introduce una posición máxima mayor que la mínima.',
        'clockwork' => 'un recorrido por hora',
        'slow_order' => 'Introduce una velocidad mínima menor que la máxima.',
        'quiet_order' => 'Introduce una velocidad silenciosa mayor que la mínima.',
        'acceleration' => 'una aceleración',
        'steps' => 'pasos del motor por unidad',
        'backlash' => 'una holgura',
        'outside' => 'El recorrido de :axis va de :min a :max: introduce una posición dentro.',
    ],
    'easing' => [
        'too_long' => 'El arranque y la frenada comparten el movimiento: juntos suman como máximo el 100 %. Acorta uno.',
    ],
    'keyframe' => [
        'at' => 'una parte de las fotos',
        'hold' => 'Solo hay fotos de pausa donde el movimiento para. Quítalas o para aquí.',
        'subject' => 'la parte de la foto que ocupa el sujeto',
        'position' => 'una posición',
    ],
    'move' => [
        'count' => 'Introduce de 2 a :most_keyframes posiciones clave.',
        'first' => 'La primera posición clave está en 0.',
        'last' => 'La última posición clave está en 1.',
        'ends' => 'El movimiento empieza y acaba parado: solo se puede pasar por una posición intermedia.',
        'order' => 'Las posiciones van en orden: introduce una parte mayor que la anterior.',
        'one_way' => 'Introduce las fotos por trayecto, al menos 2; vacío para un solo movimiento.',
        'important' => 'Solo un encuadre puede ser el más importante: quita antes el otro.',
    ],
    'path' => [
        'one_way' => 'Un trayecto tiene como máximo :photos fotos, las del movimiento: pon menos o haz más fotos.',
        'same_photo' => 'Con :oneWay fotos esta posición cae en la misma foto que la anterior. Muévela o haz más fotos.',
    ],
    'rig' => [
        'most' => 'Un rig tiene como máximo :most_axes ejes; ninguno con la cámara en trípode.',
        'twice' => 'Hay dos ejes llamados :axis: dales nombres distintos.',
    ],
    'ramp_text' => [
        'span' => '(:duration)',
        'in' => 'aceleración en :count foto:span|aceleración en :count fotos:span',
        'out' => 'frenado en :count foto:span|frenado en :count fotos:span',
        'hard_start' => 'arranque brusco',
        'hard_stop' => 'parada brusca',
    ],
    'turns' => [
        'never' => 'Todas las fotos caben en la ida: no da la vuelta.',
        'at' => 'Da la vuelta en la foto :photos.|Da la vuelta en las fotos :photos.',
        'more' => ':count más',
        'cut_short' => 'El último tramo se corta: :photos de :all fotos.',
        'ends_at_start' => 'Acaba donde empezó.',
        'ends_at_last' => 'Acaba en la última posición clave.',
    ],
];
