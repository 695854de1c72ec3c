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
     * Photos are re-encoded before they are kept. A larger upload, or one with more pixels, is refused.
     */
    'photos' => [
        'largest_upload_bytes' => 20 * 1024 * 1024,
        'largest_pixels' => 60_000_000,
        'longest_edge' => 2000,
        'thumbnail_edge' => 320,
        'quality' => 82,
    ],
];
