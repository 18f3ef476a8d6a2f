<?php

declare(strict_types=1);

return [
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'evrent'),
            'username' => env('DB_USERNAME', 'evrent'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'search_path' => 'public',
            'sslmode' => 'disable',
            // Who holds a row for longer than any edit takes has been stopped.
            'connect_timeout' => 3,
            'options' => [
                // Each query is asked once: preparing it first would be another way there and back.
                PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
                // The web server's workers keep their connection from one request to the next: making one takes longer than most pages do.
                PDO::ATTR_PERSISTENT => PHP_SAPI === 'fpm-fcgi',
            ],
        ],
    ],
];
