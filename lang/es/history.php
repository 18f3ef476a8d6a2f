<?php

declare(strict_types=1);

return [
    'back_to' => 'vuelta a: :change',
    'restored' => 'Vuelta a: :change.',
];
