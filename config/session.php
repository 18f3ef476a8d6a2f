<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // Thirty days: a page left open overnight on site must still take what is typed into it.
    'lifetime' => 43_200,
];
