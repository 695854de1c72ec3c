<?php

declare(strict_types=1);

$mariadb = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '33060'),
    'database' => env('DB_DATABASE', 'jade'),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'strict' => true,
    'engine' => 'InnoDB',
    'timezone' => '+00:00',
    'options' => extension_loaded('pdo_mysql') ? [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)] : [],
];

return [
    'default' => 'mariadb',

    'connections' => [
        // The application may read and write rows; it may not drop, truncate or alter anything.
        'mariadb' => ['username' => env('DB_USERNAME', 'jade_app'), 'password' => env('DB_PASSWORD', '')] + $mariadb,
        // Migrations run as another user.
        'owner' => ['username' => env('DB_OWNER_USERNAME', 'jade_owner'), 'password' => env('DB_OWNER_PASSWORD', '')] + $mariadb,
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
