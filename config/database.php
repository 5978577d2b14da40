<?php

declare(strict_types=1);

$pgsql = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54820'),
    'database' => env('DB_DATABASE', 'window_stall_demo'),
    'username' => env('DB_USERNAME', 'stall'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    'prefix' => '',
    'search_path' => 'public',
    'sslmode' => 'prefer',
    'application_name' => 'window-stall',
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $pgsql,
        // The application's name is part of what tells kept connections apart (WorkshopServiceProvider), so each schema has its own.
        // The stand-ins keep their own schemas; the workshop never reads them.
        'oakum' => ['search_path' => 'oakum', 'application_name' => 'oakum'] + $pgsql,
        'kilnfold' => ['search_path' => 'kilnfold', 'application_name' => 'kilnfold'] + $pgsql,
        'tannet' => ['search_path' => 'tannet', 'application_name' => 'tannet'] + $pgsql,
        'payment' => ['search_path' => 'payment', 'application_name' => 'payment'] + $pgsql,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
