<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Window Stall'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
];
