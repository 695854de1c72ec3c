<?php

declare(strict_types=1);

return [
    'default' => 'smtp',

    /*
     * Any server that speaks SMTP (RFC 5321). An empty host: no mail is sent. What bin/start calls the stand-in is a
     * server on loopback that keeps what it is given and shows it on a page.
     */
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME') ?: null,
            'host' => env('MAIL_HOST') === 'stand-in' ? '' : env('MAIL_HOST') ?? '',
            'port' => (int) env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME') ?: null,
            'password' => env('MAIL_PASSWORD') ?: null,
            'timeout' => 10,
            'local_domain' => env('MAIL_EHLO_DOMAIN') ?: null,
        ],
    ],

    'from' => [
        'address' => env('MAIL_FROM_ADDRESS') ?: 'yard@localhost.localdomain',
        'name' => env('MAIL_FROM_NAME') ?: env('YARD_NAME', 'Tern Quay Hire'),
    ],
];
