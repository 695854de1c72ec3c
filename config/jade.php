<?php

declare(strict_types=1);

return [
    /*
     * The yard itself. Times are stored in UTC and shown in the yard's own zone.
     */
    'yard' => [
        'name' => env('YARD_NAME', 'Tern Quay Hire'),
        'place' => env('YARD_PLACE', 'Wennet estuary'),
        'timezone' => env('YARD_TIMEZONE', 'Europe/London'),
    ],

    /*
     * Secrets that the database does not hold: the key to which tablets seal, and the key that signs checkpoints.
     */
    'keys_folder' => env('JADE_KEYS') ?: storage_path('app/keys'),

    /*
     * From where the application comes to the database, as the database names it.
     */
    'database_user_host' => env('DB_USERNAME_HOST', '127.0.0.1'),

    /*
     * Who signed in is asked again after this many hours, whatever was done in between.
     */
    'session_absolute_hours' => (int) env('SESSION_ABSOLUTE_HOURS', 14),

    /*
     * A shared tablet that nobody touches for so many minutes asks for the PIN again. 0: never.
     */
    'idle_lock_minutes' => (int) env('IDLE_LOCK_MINUTES', 5),

    /*
     * Addresses of what stands in front and ends TLS, separated by commas.
     */
    'trusted_proxies' => env('TRUSTED_PROXIES', ''),

    /*
     * Names under which the yard answers beside that of APP_URL and loopback, separated by commas.
     */
    'hosts' => env('JADE_HOSTS', ''),

    /*
     * With it a collector reads the metrics; without it nobody does.
     */
    'metrics_token' => env('METRICS_TOKEN', ''),

    /*
     * Who answers with fleet snapshots (ISO 15143-3), and the token that it asks for. Empty: nobody is asked. What
     * bin/start calls the stand-in is nobody elsewhere.
     */
    'telematics' => [
        'url' => env('TELEMATICS_URL') === 'stand-in' ? '' : env('TELEMATICS_URL') ?? '',
        'token' => env('TELEMATICS_TOKEN') ?? '',
    ],

    /*
     * Requests a minute of one person, or of one address where nobody is signed in.
     */
    'requests_a_minute' => (int) env('REQUESTS_A_MINUTE', 1200),

    /*
     * Photos are re-encoded before they are kept. A larger upload, or one with more pixels, is refused.
     */
    'photos' => [
        'largest_upload_bytes' => 20 * 1024 * 1024,
        'largest_pixels' => 25_000_000,
        'longest_edge' => 2000,
        'thumbnail_edge' => 320,
        'quality' => 82,
    ],
];
