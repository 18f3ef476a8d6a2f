<?php

declare(strict_types=1);

return [
    '403' => [
        'title' => 'Solicitud rechazada',
        'says' => 'La solicitud no venía de una página de Evrent. No se ha cambiado nada.',
    ],
    '404' => [
        'title' => 'Página no encontrada',
        'says' => 'Ninguna sesión, plano o toma tiene esta dirección. Puede que se haya eliminado. Comprueba la dirección.',
    ],
    '405' => [
        'title' => 'Solicitud no admitida',
        'says' => 'Vuelve atrás y usa los botones de la página.',
    ],
    '413' => [
        'title' => 'Archivo demasiado grande',
        'says' => 'Los planes ocupan hasta 1024 kB. Vuelve y elige otro archivo.',
    ],
    '419' => [
        'title' => 'Página caducada',
        'says' => 'Vuelve, abre el plano otra vez y repite el cambio.',
    ],
    '500' => [
        'title' => 'Error en Evrent',
        'says' => 'Tus planos están a salvo: cada cambio se guarda entero o no se guarda. Los detalles están en storage/logs.',
    ],
    '503' => [
        'title' => 'La base de datos no responde',
        'says' => 'Evrent la está reiniciando. Esta página se abrirá en cuanto vuelva. Lo que has escrito se conserva en este navegador.',
    ],
    '507' => [
        'title' => 'Disco lleno',
        'says' => 'Libera espacio en el disco de la carpeta de Evrent. Entonces continuará. Lo que has escrito se conserva en este navegador.',
    ],
    'minimal' => [
        'shoots' => 'Ir a las sesiones',
    ],
    'not_kept' => [
        'title' => 'No disponible sin conexión',
        'says' => 'Evrent no responde y esta página no se había abierto aquí. Las páginas de tu última sesión están disponibles: vuelve atrás o prueba cuando Evrent funcione.',
    ],
];
