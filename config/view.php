<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
];
