<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'window_stall_session',
    'same_site' => 'lax',
    'http_only' => true,
    'secure' => env('WINDOW_STALL_SCHEME', 'http') === 'https',
];
