<?php

declare(strict_types=1);

// Three origins, so that a page in a shop can never reach the workshop's session.
$port = (string) env('WINDOW_STALL_PORT', '8420');
$scheme = (string) env('WINDOW_STALL_SCHEME', 'http');
$suffix = $port === '' ? '' : ':'.$port;

return [
    'workshop_host' => env('WORKSHOP_HOST', 'workshop.localhost'),
    'shops_host' => env('SHOPS_HOST', 'shops.localhost'),
    'standins_host' => env('STANDINS_HOST', 'standins.localhost'),
    // The small outside services that ship with the program; only where it runs with them.
    'standins' => [
        'run' => (bool) env('STANDINS', false),
        'names' => ['oakum', 'kilnfold', 'tannet', 'payment', 'rates', 'writer', 'carrier', 'mailbox'],
        'ports' => array_map(intval(...), array_filter([$port, env('STANDINS_ALSO_PORT')], is_numeric(...))),
    ],
    'scheme' => $scheme,
    'port_suffix' => $suffix,
    // Where this machine's own web server answers: ready pages that went stale are asked of it again.
    'own_address' => env('OWN_ADDRESS', 'http://127.0.0.1'.$suffix),
    'payment' => [
        'address' => env('PAYMENT_ADDRESS', $scheme.'://payment.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
        'key' => env('PAYMENT_KEY', 'pay-demo-key'),
        'seconds' => 8,
    ],
    'oakum' => [
        // What a new connection is offered; a stall may type another address.
        'address' => env('OAKUM_ADDRESS', $scheme.'://oakum.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
    ],
    'rates' => [
        'address' => env('RATES_ADDRESS', $scheme.'://rates.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
    ],
    'writer' => [
        'address' => env('WRITER_ADDRESS', $scheme.'://writer.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
        // A real service's own key and model are set in the environment.
        'key' => env('WRITER_KEY', 'writer-demo-key'),
        'model' => env('WRITER_MODEL', 'standin'),
        'seconds' => 8,
    ],
    'carrier' => [
        'address' => env('CARRIER_ADDRESS', $scheme.'://carrier.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
        'key' => env('CARRIER_KEY', 'carrier-demo-key'),
    ],
    // Where what suppliers answer by mail is read.
    'mailbox' => [
        'address' => env('MAILBOX_ADDRESS', $scheme.'://mailbox.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
        'host' => env('MAIL_ANSWERS_HOST', env('WORKSHOP_HOST', 'workshop.localhost')),
    ],
    'tannet' => [
        'address' => env('TANNET_ADDRESS', $scheme.'://tannet.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
    ],
    // Pixels a side that pictures of printed goods are made at.
    'print' => ['side' => (int) env('PRINT_PICTURE_SIDE', 2000)],
    'kilnfold' => [
        'address' => env('KILNFOLD_ADDRESS', $scheme.'://kilnfold.'.env('STANDINS_HOST', 'standins.localhost').$suffix),
    ],
];
