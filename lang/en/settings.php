<?php

declare(strict_types=1);

return [
    'edit' => [
        'title' => 'Settings',
        'lead' => 'Units, formats and defaults. Any number may be typed with its unit, such as 12 in.',
        'units' => 'Language, units, clock and dates',
        'new_shot' => 'New shots',
        'setup' => 'Set up',
        'teardown' => 'Pack up',
        'limits' => 'Warning limits',
        'limits_says' => 'empty uses the default',
        'folders' => 'Photo folders',
        'folders_label' => 'Folders on this machine, including subfolders, one per line',
        'megapixels' => 'Largest photo',
        'megapixels_unit' => 'megapixels',
        'keys' => 'Keys and look',
        'save' => 'Save settings',
        'about' => 'About',
        'licences' => 'Evrent is free software under the MIT licence. Typeface: B612, SIL Open Font License. Icons: Lucide, ISC. Place names: GeoNames, CC BY 4.0.',
    ],
];
