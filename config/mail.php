<?php

declare(strict_types=1);

// Mail goes out by SMTP; where nothing else is set, to the mailbox that ships with the program.
return [
    'default' => env('MAIL_MAILER', 'smtp'),
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 9420),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => [
        'address' => env('MAIL_FROM', 'no-reply@'.env('WORKSHOP_HOST', 'workshop.'.env('STALL_HOST', 'localhost'))),
        'name' => 'Window Stall',
    ],
];
