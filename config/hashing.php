<?php

declare(strict_types=1);

return [
    'driver' => 'argon2id',
    // Source: OWASP Password Storage Cheat Sheet, argon2id: 19 MiB, two passes, one lane, at least.
    'argon' => [
        'memory' => (int) env('ARGON_MEMORY', 19_456),
        'time' => (int) env('ARGON_PASSES', 2),
        'threads' => 1,
        'verify' => false,
    ],
    'bcrypt' => ['rounds' => 11, 'verify' => false],
    // A password that was hashed in another way is hashed anew when it is next used.
    'rehash_on_login' => true,
];
