<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'lazy'),
    // Two copies on one machine share its cookies, whatever their ports are.
    'cookie' => env('SESSION_COOKIE', 'evrent_session'),
    // Thirty days: a page left open overnight on site must still take what is typed into it.
    'lifetime' => 43_200,
    'http_only' => true,
    'same_site' => 'lax',
];
