<?php

declare(strict_types=1);

$local = [
    'driver' => 'local',
    'root' => storage_path('app/private'),
    'serve' => false,
    'throw' => true,
    'report' => false,
];

return [
    'default' => env('FILESYSTEM_DISK', 'local'),

    'disks' => [
        'local' => $local,
        'checkpoints' => [
            'driver' => 'local',
            'root' => env('JADE_CHECKPOINTS') ?: storage_path('app/checkpoints'),
            'throw' => true,
        ],
        'photos' => env('PHOTO_STORE', 'local') === 's3' ? [
            'driver' => 's3',
            'endpoint' => env('PHOTO_S3_ENDPOINT'),
            'region' => env('PHOTO_S3_REGION') ?: 'us-east-1',
            'bucket' => env('PHOTO_S3_BUCKET'),
            'key' => env('PHOTO_S3_KEY'),
            'secret' => env('PHOTO_S3_SECRET'),
            // A store of one's own seldom has a name for each bucket, nor the newest checksums.
            'use_path_style_endpoint' => true,
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
            'throw' => true,
        ] : $local,
    ],

    'links' => [],
];
