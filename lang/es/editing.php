<?php

declare(strict_types=1);

return [
    'no_such' => 'Ese cambio no existe.',
    'no_sky' => 'Indica antes lugar, fecha y hora de inicio.',
    'keyframe' => [
        'none' => 'Esa posición clave no existe.',
    ],
    'add_keyframe' => [
        'done' => 'posición clave añadida en la foto :whole',
    ],
    'add_keyframe_after' => [
        'done' => 'posición clave añadida tras :peg',
    ],
    'add_trouble' => [
        'choose' => 'Elige un riesgo.',
        'most' => 'Un plano tiene como máximo :most riesgos: quita uno antes.',
        'done' => 'riesgo añadido: :kind',
    ],
    'aim_at_target' => [
        'never' => 'Eso no ocurre allí ese día. Introduce otra hora.',
        'done' => ':peg apuntada a :name',
    ],
    'aim_ends' => [
        'bearing' => 'Introduce un rumbo en grados, como 245.',
        'height' => 'Introduce una altura sobre el horizonte en grados, como 4.',
        'one' => 'Introduce un rumbo para el inicio, el final o ambos.',
        'done' => 'apuntado por rumbo y altura',
    ],
    'change_exposure_keys' => [
        'done' => 'claves de exposición',
    ],
    'change_interval_keys' => [
        'done' => 'claves de intervalo',
    ],
    'confirm_assumed' => [
        'none' => 'Estos valores ya están confirmados.',
        'done' => ':count valor confirmado|:count valores confirmados',
    ],
    'darken_night' => [
        'stops' => 'Introduce cuántos pasos oscurecer la noche, de 0 a 6.',
        'metered' => 'noche según la medición',
        'done' => 'noche :stops más oscura',
    ],
    'describe_picture' => [
        'done' => 'datos de imagen añadidos',
    ],
    'described_part' => [
        'none' => 'Esa parte no existe.',
        'added' => 'datos de :part añadidos',
        'removed' => 'datos de :part quitados',
        'part' => [
            'light' => 'luz',
            'storage' => 'tarjeta',
            'load' => 'carga',
            'power_camera' => 'energía de la cámara',
            'power_rig' => 'energía del rig',
            'power_bank' => 'batería externa',
        ],
    ],
    'expose_by_school' => [
        'none' => 'Ese método de exposición no existe.',
        'done' => 'método de exposición: :school',
    ],
    'face_bearing' => [
        'bearing' => 'Introduce un rumbo en grados desde el norte verdadero, como 238.',
        'done' => 'dirección de la cámara :bearing°',
    ],
    'fit_move' => [
        'done' => 'movimiento ajustado al recorrido',
    ],
    'flip_axis' => [
        'done' => ':text reflejado',
    ],
    'forget_metered_light' => [
        'done' => 'lectura del exposímetro borrada',
    ],
    'give_leg_its_ease' => [
        'done' => ':part desde :peg',
        'move' => 'suavidad del movimiento',
        'own' => 'curva propia',
    ],
    'hold_at_keyframe' => [
        'done' => ':part de pausa en :peg',
    ],
    'leave_kit_out' => [
        'done' => 'pieza quitada',
    ],
    'leave_picture_out' => [
        'done' => 'datos de imagen quitados',
    ],
    'meter_light' => [
        'shutter' => 'el tiempo medido, en segundos,',
        'aperture' => 'el número f medido',
        'iso' => 'el ISO medido',
        'when' => 'Introduce la hora de la lectura, como 17:40.',
        'done' => 'calibrado con la lectura',
        'done_at' => 'calibrado con la lectura de :at',
    ],
    'nudge_axis' => [
        'far' => 'Introduce una distancia, como 5 o -0,5.',
        'done' => ':axisId desplazado :text en todas las posiciones',
    ],
    'open_for_share' => [
        'done' => 'exposición :text % del intervalo',
    ],
    'pan_by_frames' => [
        'widths' => 'Introduce anchos de encuadre, como 1,5; negativo gira a la izquierda.',
        'done' => 'giro de :text anchos de encuadre',
    ],
    'scale_move' => [
        'factor' => 'Introduce un factor como 0,5 o 150 %.',
        'done' => 'movimiento escalado por :text',
    ],
    'set_compass' => [
        'reading' => 'Introduce la lectura de la brújula en grados, como 238.',
        'variation' => 'Introduce la declinación en grados, este positivo, como 1,5.',
        'done' => 'giro 0 fijado por brújula: :zeroBearingDegrees°',
    ],
    'set_keyframe_here' => [
        'done' => 'posición clave :peg fijada desde el rig',
    ],
    'shoot_as_fast_as_it_can' => [
        'done' => 'intervalo más corto',
    ],
    'swap_direction' => [
        'done' => 'sentido invertido',
    ],
    'take_keyframe_out' => [
        'done' => 'posición clave :peg quitada',
    ],
    'take_trouble_out' => [
        'gone' => 'Ya está quitado.',
        'done' => 'riesgo quitado: :kind',
    ],
    'track_target' => [
        'turn' => 'base girada :by° a la :part, con el giro 0 a :to°',
        'right' => 'derecha',
        'left' => 'izquierda',
        'done' => 'seguimiento: :name',
        'turn_base' => 'Gira la base: :turned. Si no, el giro supera su recorrido.',
    ],
    'turn_axis' => [
        'done' => 'recorrido total de :axis :way',
        'way' => 'Introduce un recorrido total, como 360, 1.5 turns o -90; negativo lo invierte.',
    ],
    'figure' => [
        'photos' => 'fotos',
        'interval' => 'el intervalo',
        'shooting' => 'la duración',
    ],
    'figure_steps' => [
        'step' => 'Usa menos o más.',
        'typed' => 'Introduce esta cifra.',
    ],
    'framing' => [
        'north' => 'El giro 0 se supone al norte hasta indicar la dirección de la cámara.',
        'widths' => 'anchos de encuadre',
        'height' => 'una altura en grados',
        'no_tilt' => 'El rig no tiene inclinación: pon 0 o inclina tú la cámara.',
        'variation' => 'una declinación en grados, este positivo,',
        'no_pan' => 'El rig no tiene eje de giro.',
    ],
    'given_with_edit' => [
        'whole' => 'Introduce un número entero.',
        'choose' => 'Elige :names.',
        'position' => 'Introduce una posición en mm o grados.',
    ],
    'going_once' => [
        'too_many' => 'El resto cambia de sentido demasiadas veces: necesita :keyframes posiciones clave y un movimiento tiene como máximo :most_keyframes.',
    ],
    'held_figures' => [
        'standing' => 'Salen :photos y :standing son fijas: al menos dos deben ir durante el movimiento. Pon más o acorta las fijas.',
        'too_short' => 'Quedan :to por foto, no más que su exposición: introduce más tiempo.',
        'rounded' => 'clip redondeado a :photos, :clipSeconds s',
        'least' => 'el mínimo es :booked',
        'left' => 'sobran :left de :shootingSeconds',
        'setting' => 'el ajuste del temporizador es :intervalSeconds s',
    ],
    'held_step' => [
        'step' => 'Introduce un paso por foto mayor que 0, como 1,5 mm o 0,6°.',
        'still' => 'El eje de :axisId no se mueve: fija antes su primera y última posición.',
    ],
    'keyframe_edits' => [
        'taken' => 'Ya hay una posición clave en esta foto: elige otra.',
    ],
    'move_edits' => [
        'factor' => 'Introduce un factor mayor que 0 y hasta :most_factor.',
        'axis' => 'Introduce un eje del rig: :x.',
    ],
    'other_way' => [
        'keep' => 'Conservar :keeps: :told',
        'clip' => 'clip de :clipSeconds',
        'run' => 'duración :shooting',
        'interval' => 'intervalo :longest',
        'booked' => 'duración :bookedSeconds',
    ],
    'picking' => [
        'none' => 'Esa pieza no está en el plano.',
    ],
    'pinned_plan' => [
        'all' => 'Has introducido fotos, intervalo y duración: deja una como estaba y saldrá de las otras.',
        'photos_follow' => 'siguen las fotos',
        'interval_follows' => 'sigue el intervalo',
        'shooting_follows' => 'sigue la duración',
        'photos_give' => 'Cambian las fotos: :is en vez de :was.',
        'interval_gives' => 'Cambia el intervalo: :longest en vez de :longest2.',
        'shooting_gives' => 'Cambia la duración: :booked en vez de :asked.',
    ],
    'pinned_remedies' => [
        'untimed' => 'La solución deja el plano sin tiempos.',
        'pinned' => 'Las soluciones cambian :named, que has fijado: suéltalo para verlas.',
    ],
    'pins' => [
        'pinning' => 'Fijado: :are; :named sale de ahí. Suelta uno antes.',
        'all_pinned' => 'Fijado: :are. Nada puede cambiar: suelta uno antes.',
    ],
    'rest_of_shot' => [
        'photo' => 'Introduce una foto de 2 a :total: deben quedar al menos dos.',
        'mark' => ', fotos restantes',
    ],
    'sky_edits' => [
        'no_pan' => 'El rig no tiene eje de giro para seguirlo.',
    ],
    'typed_figures' => [
        'photos' => 'Introduce un número entero de fotos, al menos 2.',
        'clip' => 'Introduce una duración del clip, como 10 s.',
        'shooting' => 'Introduce una duración, como 32 min, 2 h, 1:30 o 1h30.',
        'pins' => 'Se pueden fijar las fotos, el intervalo o la duración.',
        'one' => 'Introduce fotos o clip, no ambos: uno sale del otro.',
    ],
    'mark_keyframe' => [
        'marked' => ':peg marcada como la más importante',
        'cleared' => ':peg ya no es la más importante',
    ],
    'pass_keyframe' => [
        'passes' => 'pasa por :peg',
        'stops' => 'para en :peg',
    ],
    'smear_by' => [
        'share' => 'trepidación de :text del encuadre',
        'pixels' => 'trepidación de :text px',
    ],
];
