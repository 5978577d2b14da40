<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'passwords' => [
        // Minutes a link to a new password holds; seconds until another may be asked for.
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => WindowStall\Stall\User::class]],
];
