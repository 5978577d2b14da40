<?php

declare(strict_types=1);

// The program works as a role that is bound to one stall at a time (WindowStall\Stall\OneStall). Tables are made by their
// owner, whose password only `stall:install` is told, in its environment. Tests sign in as the owner and are bound within
// a stall.
$owner = [
    'username' => env('DB_OWNER_USERNAME', 'window_stall_owner'),
    'password' => env('DB_OWNER_PASSWORD', ''),
];
$standins = [
    'username' => env('DB_STANDINS_USERNAME', 'window_stall_standins'),
    'password' => env('DB_STANDINS_PASSWORD', ''),
];
$bound = ['username' => env('DB_USERNAME', 'window_stall_app'), 'password' => env('DB_PASSWORD', '')];

$pgsql = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54820'),
    'database' => env('DB_DATABASE', 'window_stall_demo'),
    'charset' => 'utf8',
    'prefix' => '',
    'search_path' => 'public',
    'sslmode' => 'prefer',
    'application_name' => 'window-stall',
    // No statement is asked twice under one name; to give each one, and to take it back, would be two round trips more.
    'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => (env('DB_AS_OWNER') ? $owner + ['bound_role' => $bound['username']] : $bound) + $pgsql,
        'owner' => $owner + $pgsql,
        // The application's name is part of what tells kept connections apart (WorkshopServiceProvider), so each schema
        // has its own. The stand-ins keep their own schemas; the workshop never reads them.
        'oakum' => ['search_path' => 'oakum', 'application_name' => 'oakum'] + $standins + $pgsql,
        'kilnfold' => ['search_path' => 'kilnfold', 'application_name' => 'kilnfold'] + $standins + $pgsql,
        'tannet' => ['search_path' => 'tannet', 'application_name' => 'tannet'] + $standins + $pgsql,
        'carrier' => ['search_path' => 'carrier', 'application_name' => 'carrier'] + $standins + $pgsql,
        'payment' => ['search_path' => 'payment', 'application_name' => 'payment'] + $standins + $pgsql,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
