<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views'), resource_path('shop')],
    'compiled' => storage_path('framework/views'),
];
