<?php

declare(strict_types=1);

return [
    'verdict' => [
        'unusable' => ':photos de :planned inutilizables',
        'late' => ':photos tarde, la foto :photo con :by',
        'as_planned_why' => ':happened, como prevé el plan: :title, :shortfall. :variation',
        'margin' => 'Margen de tiempo demasiado pequeño.',
        'margin_why' => ':happened. El plan tiene poco margen: :title, :shortfall. :variation',
        'failed' => 'Esta toma ha fallado.',
        'failed_why' => ':happened. El plan tiene margen: la causa es el fallo simulado o la variación. :variation',
        'lucky_why' => 'Todas las fotos a tiempo, con poco margen: :title, :shortfall. :variation',
        'works_why' => 'Todas las fotos a tiempo y con margen. :variation',
        'lost_short' => ':photos perdidas',
        'late_short' => ':photos tarde',
        'on_time' => 'todas las fotos a tiempo',
        'no_variation' => 'La variación no añadió nada.',
        'variation' => 'La variación añadió hasta :added.',
    ],
    'preflight' => [
        'dial' => [
            'label' => 'Dial de modo según el plan: bulb si mide el controlador, manual si mide la cámara',
            'short' => 'dial de modo',
            'why' => 'En el modo equivocado ninguna exposición sale según el plan.',
        ],
        'autofocus' => [
            'label' => 'Autofoco, balance de blancos e ISO automáticos, estabilizador, revisión y pitido desactivados',
            'short' => 'automáticos desactivados',
            'why' => 'Los ajustes automáticos cambian de foto a foto.',
            'set' => ':Settings; lo demás manual',
            'set_auto' => ':Settings; ISO automático desactivado',
        ],
        'aperture' => [
            'label' => 'Diafragma fijo: a plena apertura, objetivo girado o manual',
            'short' => 'diafragma fijo',
            'why' => 'Un diafragma que se reabre varía un poco cada vez y el clip parpadea.',
        ],
        'glass' => [
            'label' => 'Cristales limpios, tapa quitada, visor tapado',
            'short' => 'cristales limpios',
            'why' => 'El polvo o la luz parásita quedan en todas las fotos.',
        ],
        'cable' => [
            'label' => 'Cable disparador bien puesto en los dos extremos y una foto de prueba con él',
            'short' => 'cable disparador',
            'why' => 'Con el cable suelto el rig se mueve y no hay fotos.',
            'named' => ':cable: bien puesto en los dos extremos, una foto de prueba hecha',
            'named_half_press' => ':cable: bien puesto en los dos extremos, media pulsación conectada, una foto de prueba hecha',
        ],
        'power_up' => [
            'label' => 'Primero el rig, luego la cámara',
            'short' => 'rig primero',
            'why' => 'Muchos controladores disparan al encenderse.',
        ],
        'sleep' => [
            'label' => 'Reposo desactivado, móvil en silencio',
            'short' => 'reposo desactivado',
            'why' => 'Una cámara en reposo pierde la foto siguiente.',
        ],
        'batteries' => [
            'label' => 'Baterías suficientes para todas las fotos',
            'short' => 'baterías',
            'why' => 'Una batería agotada acaba el clip.',
        ],
        'card' => [
            'label' => 'Espacio en la tarjeta para todas las fotos',
            'short' => 'tarjeta',
            'why' => 'Con la tarjeta llena no hay fotos y el rig sigue.',
        ],
        'own_timer' => [
            'label' => 'Intervalómetro con el intervalo y el número del plan',
            'short' => 'intervalómetro',
            'why' => 'Nada más dispara la cámara.',
            'film' => 'Vídeo timelapse de la cámara con su velocidad y fotogramas; quita el cable tras el primer disparo',
        ],
        'homed' => [
            'label' => 'Rig en el origen',
            'short' => 'rig en el origen',
            'why' => 'Un rig sin origen no está donde dice el plan.',
        ],
        'ends' => [
            'label' => 'Movimiento de prueba a los dos extremos, recorrido despejado',
            'short' => 'dos extremos',
            'why' => 'Un cable, una pata o un tope bloquea el rig a oscuras.',
        ],
        'keyframes' => [
            'label' => 'Foto de prueba revisada en cada posición clave',
            'short' => 'fotos de prueba',
            'why' => 'Encuadre, enfoque y exposición se ven ahora y no al reproducir.',
        ],
        'level' => [
            'label' => 'Base nivelada en todo el giro',
            'short' => 'nivel',
            'why' => 'Sin nivelar, el horizonte se inclina al girar.',
        ],
        'legs' => [
            'label' => 'Trípode abierto y lastrado, cierres apretados, suelo firme, rótula equilibrada',
            'short' => 'trípode firme',
            'why' => 'Un milímetro se ve como un salto en el clip.',
        ],
        'sled' => [
            'label' => 'Carro en A antes de montar la cámara; nadie gira los engranajes con corriente',
            'short' => 'carro en A',
            'why' => 'Girar los engranajes al revés los daña y también al motor.',
        ],
        'incline' => [
            'label' => 'Carro atado, nadie debajo',
            'short' => 'carro atado',
            'why' => 'Si el carro resbala, baja con la cámara.',
        ],
        'sun' => [
            'label' => 'Nadie mira al sol por el visor; sensor tapado hasta el inicio',
            'short' => 'sol',
            'why' => 'Quema los ojos y el sensor al instante.',
        ],
        'night' => [
            'label' => 'Luz roja para cada uno, camino de vuelta andado de día, cables señalizados',
            'short' => 'luces rojas',
            'why' => 'La mayoría de las caídas pasan a la vuelta.',
        ],
        'cold' => [
            'label' => 'Baterías de repuesto al calor, objetivo calentado o con parasol',
            'short' => 'rocío y frío',
            'why' => 'El frío quita un tercio de batería; el rocío arruina las fotos.',
        ],
        'edge' => [
            'label' => 'Tabla de mareas y salida conocidas; equipo lejos del agua, bordes y tráfico',
            'short' => 'marea y bordes',
            'why' => 'La marea sube más rápido de lo que se recoge un rig.',
        ],
        'permission' => [
            'label' => 'Permiso para estar aquí, normas locales cumplidas',
            'short' => 'permiso',
            'why' => 'Sin permiso pueden parar el plano a medias.',
        ],
    ],
];
