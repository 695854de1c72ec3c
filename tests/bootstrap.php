<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Each process of a parallel run has a database and a storage folder of its own: bin/test makes them before.
$token = getenv('TEST_TOKEN');
if (is_string($token) && preg_match('/^\d+$/D', $token) === 1 && getenv('TEST_DATABASE_PER_PROCESS') === 'yes') {
    foreach (
        [
            'DB_DATABASE' => getenv('DB_DATABASE')."_{$token}",
            'LARAVEL_STORAGE_PATH' => getenv('LARAVEL_STORAGE_PATH')."-{$token}",
        ] as $name => $value
    ) {
        putenv("{$name}={$value}");
        $_SERVER[$name] = $_ENV[$name] = $value;
    }
}
