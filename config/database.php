<?php

declare(strict_types=1);

// Of a cluster, every node with its port, separated by commas: one is taken by chance, and one that is away is passed
// over.
$nodes = array_filter(
    array_map(trim(...), explode(',', (string) env('DB_NODES', ''))),
    static fn (string $node): bool => $node !== '',
);
$address = $nodes === []
    ? ['host' => env('DB_HOST', '127.0.0.1'), 'port' => env('DB_PORT', '23060')]
    : ['host' => array_map(static fn (string $node): string => strtr($node, [':' => ';port=']), array_values($nodes))];
$options = extension_loaded('pdo_mysql') ? [
    PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
    PDO::ATTR_EMULATE_PREPARES => true,
] : [];
if ($nodes !== [] && extension_loaded('pdo_mysql')) {
    $options[PDO::ATTR_TIMEOUT] = 2;
    // What one node acknowledged, the next request on another one sees.
    // Source: MariaDB, wsrep_sync_wait (1: reads, 2: writes).
    $options[PDO::MYSQL_ATTR_INIT_COMMAND] = 'SET SESSION wsrep_sync_wait = 3';
}

$mariadb = $address + [
    'driver' => 'mariadb',
    'database' => env('DB_DATABASE', 'jade'),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'strict' => true,
    'engine' => 'InnoDB',
    'timezone' => '+00:00',
    'options' => $options,
];

return [
    'default' => 'mariadb',

    'connections' => [
        // The application may read and write rows; it may not drop, truncate or alter anything.
        'mariadb' => ['username' => env('DB_USERNAME', 'jade_app'), 'password' => env('DB_PASSWORD', '')] + $mariadb,
        // Migrations run as another user.
        'owner' => ['username' => env('DB_OWNER_USERNAME', 'jade_owner'), 'password' => env('DB_OWNER_PASSWORD', '')] +
            $mariadb,
    ],

    // Only where a yard has several web nodes: sessions, limiter, locks and cache.
    'redis' => [
        'client' => 'phpredis',
        'options' => ['prefix' => 'jade-'],
        'default' => [
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', 6379),
            'password' => env('REDIS_PASSWORD'),
            'database' => 0,
        ],
        'cache' => [
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', 6379),
            'password' => env('REDIS_PASSWORD'),
            'database' => 1,
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
