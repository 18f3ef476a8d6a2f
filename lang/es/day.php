<?php

declare(strict_types=1);

return [
    'field_card' => [
        'trouble' => ':trouble; fotos :first a :last',
        'settings' => ':Settings.',
    ],
];
