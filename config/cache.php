<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),

    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'cache',
            'lock_connection' => null,
            'lock_table' => null,
        ],
        'redis' => ['driver' => 'redis', 'connection' => 'cache', 'lock_connection' => 'default'],
        // APCu: the memory that the workers of one php-fpm share. A command has none and computes for itself.
        'shared' => ['driver' => 'apc'],
    ],

    'limiter' => env('CACHE_LIMITER', 'shared'),

    'prefix' => 'jade-',
];
