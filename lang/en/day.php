<?php

declare(strict_types=1);

return [
    'field_card' => [
        'trouble' => ':trouble; photos :first to :last',
        'settings' => ':Settings.',
    ],
];
