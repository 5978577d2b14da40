<?php

declare(strict_types=1);

// Set MEDIA_DISK=s3 with the AWS_… settings to keep pictures in S3-compatible storage.
$s3 = [
    'driver' => 's3',
    'key' => env('AWS_ACCESS_KEY_ID'),
    'secret' => env('AWS_SECRET_ACCESS_KEY'),
    'region' => env('AWS_DEFAULT_REGION', 'eu-west-1'),
    'endpoint' => env('AWS_ENDPOINT'),
    'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', false),
    'throw' => true,
];

return [
    'default' => env('FILES_DISK', 'local'),
    'media' => env('MEDIA_DISK', 'media'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'throw' => true],
        'media' => [
            'driver' => 'local',
            'root' => storage_path('media'),
            'url' => '/media',
            'visibility' => 'public',
            'throw' => true,
        ],
        's3' => $s3 + ['bucket' => env('AWS_BUCKET'), 'url' => env('AWS_URL')],
        // What was sent and isn't shown: nobody reads it but the program.
        's3-files' => $s3 + ['bucket' => env('AWS_FILES_BUCKET')],
    ],
];
