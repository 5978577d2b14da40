<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));
require __DIR__.'/../vendor/autoload.php';

// A request that ran out of memory still gets its plain page: whoever writes that needs a little more.
register_shutdown_function(static function (): void {
    if (str_starts_with((string) (error_get_last()['message'] ?? ''), 'Allowed memory size')) {
        ini_set('memory_limit', '256M');
    }
});

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
