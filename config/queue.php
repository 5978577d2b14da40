<?php

declare(strict_types=1);

$redis = [
    'driver' => 'redis',
    'connection' => 'default',
    'queue' => 'default',
    'block_for' => 1,
    'after_commit' => true,
];

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync', 'after_commit' => true],
        // A job that was taken is handed out again only after the longest of its queue may take, and a little more.
        'database' => [
            'driver' => 'fair',
            'queue' => 'default',
            'retry_after' => 90,
            'retry_after_of' => [
                'looks' => 90,
                'orders' => 120,
                'payments' => 120,
                'pictures' => 330,
                'pictures-first' => 330,
                'pulls' => 1900,
                'runs' => 1900,
            ],
            'after_commit' => true,
        ],
        // Workers of what is done soon sign in by the second: the time counts when a job is taken.
        'redis' => ['retry_after' => 1900] + $redis,
        'redis-soon' => ['retry_after' => 120] + $redis,
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'pgsql', 'table' => 'failed_jobs'],
];
