<?php

declare(strict_types=1);

return [
    'match_json' => [
        'other_plan' => 'No es una foto de este plan. Da la correspondencia del mismo plan.',
        'name' => ':shown: el nombre contiene caracteres que no se pueden pasar. Renombra el archivo y vuelve a emparejar.',
        'stops' => 'No es un número de pasos. Da la salida de bin/evrent photos --format=json.',
        'not_json' => 'No es JSON: :why. Da la salida de bin/evrent photos --format=json.',
        'none' => 'No hay :format con fotos. Da la salida de bin/evrent photos --format=json.',
    ],
    'clip_json' => [
        'not_json' => 'No es JSON: :why. Elige un archivo de clip.',
        'format' => 'El formato debe ser :format.',
    ],
    'clip_text' => [
        'photo' => 'Escribe un número de foto de 1 a :photos.',
        'span' => 'Empieza después de la foto :to, donde acaba el tramo anterior.',
        'out' => 'Escribe un número de foto a partir de :in, o déjalo vacío para la última.',
        'choice' => 'Elige uno de: :x.',
        'shape' => 'Escribe el ancho dividido por el alto, de 0,25 a 4, o elige uno.',
        'number' => 'Escribe un número de foto.',
        'factor' => 'Escribe fotos por fotograma: 2 es el doble de rápido, 0,5 la mitad.',
        'ramp' => 'Escribe en cuántas fotos cambia la velocidad, o 0.',
        'to' => 'Escribe un número de foto a partir de :from.',
        'crop_x' => 'Escribe la distancia del centro a la izquierda en % del ancho, de :least a 100.',
        'crop_y' => 'Escribe la distancia del centro al borde superior en % del alto, de :least a 100.',
        'crop_width' => 'Escribe el ancho en % de la foto, de :least a 100.',
    ],
    'faults_reader' => [
        'not_json' => 'No es JSON: :why. Elige una lista de fallos.',
        'format' => 'El formato debe ser :format.',
        'not_virtual' => 'Una simulación no tiene :kind: da esta lista al rig o a la cámara simulados.',
        'axis' => 'Nombra un eje del rig: :x.',
    ],
    'fields' => [
        'object' => 'Escribe un objeto entre llaves: { … }.',
        'part' => 'Falta esta parte.',
        'number' => 'Escribe un número, por ejemplo 8 o 0,5.',
        'whole' => 'Escribe un número entero, por ejemplo 240.',
        'flag' => 'Elige true o false.',
        'text' => 'Escribe un texto.',
        'choice' => 'Elige uno de: :x.',
        'list' => 'Escribe una lista entre corchetes: [ … ].',
        'most' => 'Da :most como máximo.',
        'unknown' => 'Campo desconocido. Quítalo o revisa cómo está escrito.',
        'missing' => 'Falta el campo. Escribe un valor.',
    ],
    'kit_format' => [
        'utf8' => 'No es texto UTF-8. Guarda el archivo como UTF-8.',
        'not_json' => 'No es JSON: :why. Elige un archivo de equipo.',
        'format' => 'El formato debe ser :format.',
        'quoted' => 'Escribe segundos separados por espacios, por ejemplo "1 2 5 10 30 60".',
        'columns' => 'No es un archivo de equipo: la primera fila debe nombrar las columnas, entre ellas kind y name. Exporta el equipo para ver uno.',
        'column' => 'Columna desconocida. Quítala o revisa cómo está escrita.',
        'kind' => 'Escribe uno de: :x.',
        'intervals' => 'Escribe segundos separados por espacios, por ejemplo 1 2 5 10 30 60.',
    ],
    'place_file' => [
        'unknown' => 'El lugar de este archivo tiene un valor desconocido: :what. Elige otro archivo, o escríbelo arriba.',
        'format' => 'No es GPX (XML) ni GeoJSON. Elige un archivo con un lugar.',
        'gpx_empty' => 'No hay lugar en este archivo: ni punto, ni ruta, ni track. Elige otro.',
        'nested' => 'Anidado más de lo que permite GPX. Elige otro archivo.',
        'json_empty' => 'No hay lugar en este archivo: ni punto ni línea. Elige otro.',
    ],
    'plan_provenance' => [
        'object' => 'Escribe un objeto entre llaves con las fuentes por puntero JSON.',
        'choice' => 'Elige uno de: :x.',
        'unknown' => 'No hay tal valor en este plan. Quita esta entrada o revisa cómo está escrita.',
    ],
    'plan_reader' => [
        'not_json' => 'No es JSON: :why. Elige un archivo de plan.',
        'format' => 'El formato debe ser :format.',
        'keys' => 'Da al menos dos claves, en 0 y en 1, o un solo número.',
        'axes' => 'Da los ejes del rig; una lista vacía si la cámara va en trípode.',
    ],
    'sky_json' => [
        'instant' => 'Escribe una hora de :first_year a :last_year, por ejemplo 2026-05-14T22:10:00Z.',
    ],
    'take_log_lines' => [
        'format' => 'No es un registro de toma. Elige un archivo con el formato :format.',
        'line' => 'La línea :row no tiene ninguna entrada conocida.',
        'not_json' => 'La línea :number no es JSON.',
    ],
    'typed_plan' => [
        'ramps' => 'Escribe las dos rampas, de 0 a 100 % de la toma en total, en tanto por ciento, fotos o segundos.',
        'ramp' => 'Escribe una rampa de 0 a 100 % de la toma, en tanto por ciento, fotos o segundos, por ejemplo 20 %, 43 fotos o 5 min.',
    ],
    'start_text' => [
        'enter' => 'Escribe una hora como 19:40, o 20 min antes de la puesta de sol, 1 h después de la salida de la luna, centro galáctico sube a 15°.',
    ],
];
