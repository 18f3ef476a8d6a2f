<?php

declare(strict_types=1);

return [
    'back_to' => 'back to: :change',
    'restored' => 'Back to: :change.',
];
