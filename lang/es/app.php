<?php

declare(strict_types=1);

return [
    'saved' => 'Guardado.',
    'name_taken' => 'Ese nombre ya existe. Introduce otro.',
    'choose_shot' => 'Elige un plano de esta sesión.',
    'no_fit' => '«:name» no encaja aquí.',
    'item_gone' => 'Esa pieza ya no está en el equipo. Elige otra.',
    'bin' => [
        'name' => 'Ahora otra tiene este nombre. Cámbiaselo y restaura esta.',
        'restored' => 'Restaurado.',
    ],
    'crossing' => [
        'still' => 'Aquí no hay movimiento: nada cruza.',
        'pan' => 'Introduce la posición del giro en grados.',
        'distance' => 'Introduce la distancia en metros.',
        'time' => 'Introduce la duración del movimiento en tiempo real, como 30 s.',
    ],
    'grid' => [
        'gone' => 'Ese plano ya no existe.',
        'again' => 'El plano acaba de cambiar. Pulsa otra vez.',
        'applied' => 'Intervalo y exposición puestos en el plan.',
    ],
    'history' => [
        'undone' => 'Deshecho: :undone.',
        'no_undo' => 'Nada que deshacer.',
        'redone' => 'Rehecho: :done.',
        'no_redo' => 'Nada que rehacer.',
    ],
    'kit' => [
        'removed' => 'Quitado del equipo. Los planos que lo usan lo conservan.',
        'picked_many' => ':names, usados juntos la última vez, están ya en este plano.',
        'picked' => ':names está ya en este plano.',
        'kept' => '«:piece» está en el equipo.',
        'imported' => ':count pieza añadida al equipo.|:count piezas añadidas al equipo.',
    ],
    'live' => [
        'off' => 'La cámara no está conectada. Conéctala antes.',
    ],
    'photos' => [
        'body' => 'Guardado en la cámara.',
        'taught' => 'La lección se ha guardado en «:text».',
        'reading' => 'Importando :count toma.|Importando :count tomas.',
    ],
    'place' => [
        'used' => 'La sesión y todos sus planos usan este lugar.',
        'read' => 'Leído del archivo. Revísalo y guarda el lugar.',
    ],
    'preset' => [
        'kept_as' => 'Guardado como «:text».',
        'gone' => 'Ese preajuste ya no existe. Elige otro.',
        'applied' => '«:preset» aplicado.',
        'kept' => '«:name» guardado.',
    ],
    'rig' => [
        'off' => 'El rig no está conectado. Conéctalo antes.',
    ],
    'shoot' => [
        'copy' => 'Copia de «:shoot».',
    ],
    'shot' => [
        'moved' => '«:title» está ya en esta sesión.',
    ],
    'takes' => [
        'rest' => 'El resto es ya un plano. Su clip continúa el de «:title».',
        'learnt' => '«:text» guardada como receta para planos nuevos.',
    ],
    'together' => [
        'stopped' => 'Todas las tomas de esta sesión están paradas.',
    ],
    'trial' => [
        'created' => 'Serie «:subject» creada.',
        'recipe' => '«:subject» guardada como receta.',
    ],
    'up' => [
        'database' => 'La base de datos no responde.',
    ],
    'origin' => [
        'token' => 'El formulario no lleva el código de esta sesión.',
        'elsewhere' => 'Esta solicitud no viene de una página de Evrent.',
    ],
    'host' => [
        'name' => 'Evrent no está disponible con este nombre. Ábrelo en la dirección que muestra bin/start.',
    ],
    'backdrop_form' => [
        'moves' => 'El rig se está moviendo. Espera a que pare.',
        'no_camera' => 'La cámara no está conectada. Inicia antes la imagen en directo.',
        'no_test' => 'No hay fotos de prueba. Haz una en cada posición clave en Toma.',
        'jpeg' => 'Elige un JPEG de hasta 4 MB.',
    ],
    'camera_form' => [
        'none' => 'Ninguna cámara elegida. Elige una.',
    ],
    'card_form' => [
        'take' => 'Esa toma ya no existe. Elige otra o automática.',
    ],
    'check_form' => [
        'choose' => 'Elige una comprobación.',
    ],
    'form' => [
        'elsewhere' => 'Este plano cambió en otra ventana. Revísalo y guarda otra vez.',
    ],
    'kit_file' => [
        'choose' => 'Elige un archivo de equipo (evrent.kit/1 en JSON, o CSV) de hasta 1 MB.',
    ],
    'piece_form' => [
        'name' => 'Ese nombre ya existe. Introduce otro o aumenta su cantidad.',
    ],
    'place_form' => [
        'choose' => 'Elige un archivo GPX o GeoJSON de hasta 4 MB.',
    ],
    'plan_file' => [
        'choose' => 'Elige un archivo de plan (evrent.plan/1, JSON) de hasta :most_kilobytes kB.',
    ],
    'preset_name' => [
        'line' => 'Introduce un nombre de hasta 120 caracteres en una línea.',
    ],
    'rig_form' => [
        'none' => 'Ningún rig elegido. Elige uno.',
        'time' => 'Introduce la duración del movimiento, como 30 s o 2 min.',
        'keyframe' => 'Esa posición clave ya no existe.',
    ],
    'settings_form' => [
        'choose' => 'Elige una de estas.',
        'minutes' => 'Introduce minutos enteros de 0 a :most_minutes.',
        'megapixels' => 'Introduce megapíxeles enteros de 1 a :most_megapixels.',
    ],
    'shoot_choice' => [
        'gone' => 'Esa sesión ya no existe. Elige otra.',
    ],
    'shoot_details' => [
        'name' => 'Introduce un nombre de hasta 200 caracteres en una línea.',
        'tags' => 'Introduce hasta 300 caracteres, etiquetas separadas por comas.',
    ],
    'shoot_form' => [
        'place' => 'Introduce un lugar de hasta 200 caracteres en una línea.',
        'date' => 'Introduce una fecha como 2027-03-23 o déjala vacía.',
    ],
    'stay_form' => [
        'elsewhere' => 'Este plano se movió en otra ventana. Revisa su hora y muévelo otra vez.',
    ],
    'take_form' => [
        'over' => 'El inicio previsto ya pasó o no se conoce. Elige otro.',
        'never' => 'Ese evento no ocurre aquí en un día. Elige otro inicio.',
        'time' => 'Introduce un tiempo como 30, 5 min o 1h30m.',
    ],
    'take_order' => [
        'choose' => 'Elige una orden.',
        'why' => 'Introduce el motivo para usarlo así.',
        'number' => 'Introduce un número de foto.',
    ],
    'title_form' => [
        'elsewhere' => 'Se cambió el nombre en otra ventana. Guarda otra vez para dejar el tuyo.',
    ],
    'together_form' => [
        'time' => 'Introduce un tiempo como 30 s, 5 min o 1h30m.',
    ],
    'try_form' => [
        'take' => 'Una toma lo está usando: pruébalo después.',
        'address' => 'Introduce su dirección y guarda antes de probarlo.',
        'busy' => 'Ocupado: lo usa otro programa de este equipo. Pruébalo después.',
    ],
    'verdict_form' => [
        'choose' => 'Elige una valoración.',
        'lesson' => 'Introduce la lección, en hasta 500 caracteres.',
    ],
    'shot_response' => [
        'merged' => 'También cambió en otra ventana: :elsewhere. Tu cambio se ha añadido.',
    ],
    'seen' => [
        'emptied' => 'Se vació en otra ventana. Guarda otra vez para dejar lo tuyo.',
        'changed' => 'Cambió a «:is» en otra ventana. Guarda otra vez para dejar lo tuyo.',
    ],
    'typed' => [
        'part' => 'Llegó solo parte del formulario y no se guardó nada. Envíalo otra vez.',
    ],
    'backdrop' => [
        'at' => ', rig en :stood',
        'taken' => ', se supone en :stood',
    ],
    'card_photo' => [
        'at' => 'Hora',
        'late' => ', :late s tarde',
        'state' => 'Resultado',
        'missing' => 'falta',
        'file' => 'Archivo',
        'shutter' => 'Obturador',
        'aperture' => 'Diafragma',
        'focal' => 'Distancia focal',
        'white' => 'Balance de blancos',
    ],
    'clip' => [
        'outside' => 'Esto se sale de la foto: reduce el ancho o mueve el centro hacia dentro.',
        'all' => 'todos los píxeles',
    ],
    'clip_photos' => [
        'not_allowed' => ':folder ya no se puede leer: añádela a las carpetas de fotos en Ajustes.',
        'heads' => 'Solo se subieron metadatos. Para generar el clip aquí, importa las fotos de una carpeta de este equipo; o usa las exportaciones donde estén las fotos.',
        'raw' => 'Estas fotos son raw: revélalas antes. Usa los enlaces renumerados y los XMP, exporta JPEG con los mismos nombres y elige aquí su carpeta.',
    ],
    'compared' => [
        'sms' => 'parar y disparar',
        'continuous' => 'movimiento continuo',
        'stop_motion' => 'stop motion',
        'ramps' => ':rampIn % de arranque, :rampOut % de frenada',
    ],
    'calendar' => [
        'start' => 'Inicio :title',
        'told' => 'Inicio :beginsText, fin :endsText. :settings. Las normas locales, la marea y el tiempo mandan.',
    ],
    'first' => [
        'no_day' => 'sin fecha',
        'grid' => 'serie de prueba',
    ],
    'grid_page' => [
        'nobody' => 'Ningún proceso está haciendo esta serie.',
        'waiting' => 'Esperando al rig y la cámara',
        'at_work' => ':named: :taken de :photos fotos. Aparta las manos del rig.',
        'working' => 'En marcha: aparta las manos del rig',
        'done' => 'Hecha sobre «:title»',
        'stopped' => 'Detenida',
        'failed' => 'Ha fallado. :says',
        'named' => ':interval y :shutter s',
        'brighter' => ':text pasos más clara de lo previsto',
        'darker' => ':text pasos más oscura de lo previsto',
    ],
    'in_short' => [
        'endless' => ':axis sin fin a :speed',
        'per_hour' => ':travel por hora',
        'limits' => ':axis de :from a :to a :speed',
        'times' => 'estabilización :settle s, retardo :lag s, escritura :write s, búfer :buffer fotos',
        'followed' => 'obturador según :part, de :shortest a :longest s, :part2',
        'meter' => 'el exposímetro de la cámara',
        'plan' => 'este plan',
        'stepless' => 'sin escalones',
        'thirds' => 'en tercios',
        'night_sky' => 'cielo nocturno :skies',
        'lamps' => 'lámparas :lux lux',
        'no_lamps' => 'sin lámparas',
        'calibrated' => 'calibrado con una lectura',
        'ease' => ':shape, arranque :rampIn %, frenada :rampOut %:part',
        'back_forth' => ', ida y vuelta cada :photos',
        'constant' => 'intervalo y exposición constantes',
        'interval_varies' => 'el intervalo cambia',
        'exposure_varies' => 'la exposición cambia',
        'both_vary' => 'intervalo y exposición cambian',
    ],
    'kit_form' => [
        'count' => 'Cantidad',
        'intervals' => 'o intervalos',
        'address' => 'Dirección',
    ],
    'learnt' => [
        'clock' => 'Deriva del reloj',
    ],
    'photos_page' => [
        'automatic' => 'automática',
    ],
    'presets' => [
        'gone' => 'Esa receta ya no existe. Elige otra.',
    ],
    'series' => [
        'one' => ':photos, intervalo :interval s, de :from a :to',
    ],
    'cards' => [
        'all' => 'Hojas de campo de :shoot',
        'one' => 'Hoja de campo de :title',
    ],
    'view' => [
        'fails' => 'va a fallar',
        'look' => 'avisos',
        'not_simulated' => 'sin simular',
        'not_checked' => 'sin comprobar del todo',
        'fine' => 'bien',
    ],
    'starter' => [
        'choose' => 'Elige un rig: :x.',
        'or' => ' o ',
    ],
    'take_start' => [
        'none' => 'ninguno',
        'planned_in' => 'a la hora prevista, dentro de :planned',
        'at' => 'a las :words',
        'time' => 'a una hora',
        'real' => '×1, como en la realidad',
        'intervalometer' => ':item, con su intervalómetro',
        'address' => ':item, en :address',
    ],
    'takes_beside' => [
        'current' => 'actual',
        'earlier' => 'una anterior',
        'photos' => ':goodPhotos de :photosTotal',
        'nothing' => 'ninguna',
    ],
    'worked' => [
        'failed' => 'Evrent no puede calcular un plano con estos números. Deshaz o introduce otros.',
    ],
];
