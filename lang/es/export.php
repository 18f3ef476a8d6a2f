<?php

declare(strict_types=1);

return [
    'manifest' => [
        'line' => 'La línea :n no es una suma de verificación con su ruta. Da un manifiesto.',
    ],
];
