<?php

declare(strict_types=1);

return [
    'edit' => [
        'title' => 'Ajustes',
        'lead' => 'Unidades, formatos y valores iniciales. Los números se pueden escribir con unidad, por ejemplo 12 in.',
        'units' => 'Idioma, unidades, reloj y fechas',
        'new_shot' => 'Planos nuevos',
        'setup' => 'Montaje',
        'teardown' => 'Recogida',
        'limits' => 'Límites de aviso',
        'limits_says' => 'vacío usa el valor por defecto',
        'folders' => 'Carpetas de fotos',
        'folders_label' => 'Carpetas de este equipo, con subcarpetas, una por línea',
        'megapixels' => 'Foto más grande',
        'megapixels_unit' => 'megapíxeles',
        'keys' => 'Teclas y aspecto',
        'save' => 'Guardar ajustes',
        'about' => 'Acerca de',
        'licences' => 'Evrent es software libre con licencia MIT. Tipografía: B612, SIL Open Font License. Iconos: Lucide, ISC. Topónimos: GeoNames, CC BY 4.0.',
    ],
];
