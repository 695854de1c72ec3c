<?php

declare(strict_types=1);

// The framework's own settings stand for everything that is not named here.
return [
    // Over TLS the browser itself holds the cookie to this host, this path and TLS. Source: RFC 6265bis section
    // 4.1.3.2.
    'cookie' => (env('SESSION_SECURE_COOKIE', false) ? '__Host-' : '').env('SESSION_COOKIE', 'jade_session'),
];
