<?php

declare(strict_types=1);

// Three origins, so that a page in a shop can never reach the workshop's session. All three follow from one setting.
$host = (string) env('STALL_HOST', 'localhost');
$workshop = (string) env('WORKSHOP_HOST', 'workshop.'.$host);
$standins = (string) env('STANDINS_HOST', 'standins.'.$host);
$port = (string) env('WINDOW_STALL_PORT', '8420');
$scheme = (string) env('WINDOW_STALL_SCHEME', 'http');
$suffix = $port === '' ? '' : ':'.$port;
$run = (bool) env('STANDINS', false);
// Where the program runs without its stand-ins, services outside have no address until one is set.
$outside = static fn (string $name): string => (string) env(
    strtoupper($name).'_ADDRESS',
    $run ? $scheme.'://'.$name.'.'.$standins.$suffix : '',
);
$key = static fn (string $name, string $standin): string => (string) env($name, $run ? $standin : '');

return [
    'workshop_host' => $workshop,
    'shops_host' => env('SHOPS_HOST', 'shops.'.$host),
    'standins_host' => $standins,
    // The small outside services that ship with the program; only where it runs with them.
    'standins' => [
        'run' => $run,
        'names' => ['oakum', 'kilnfold', 'tannet', 'payment', 'rates', 'writer', 'carrier', 'mailbox'],
        'ports' => array_map(intval(...), array_filter([$port, env('STANDINS_ALSO_PORT')], is_numeric(...))),
    ],
    'scheme' => $scheme,
    'port_suffix' => $suffix,
    // Where this machine's own web server answers: ready pages that went stale are asked of it again.
    'own_address' => env('OWN_ADDRESS', 'http://127.0.0.1'.$suffix),
    'payment' => ['address' => $outside('payment'), 'key' => $key('PAYMENT_KEY', 'pay-demo-key'), 'seconds' => 8],
    // What a new connection is offered; a stall may type another address.
    'oakum' => ['address' => $outside('oakum')],
    'rates' => ['address' => $outside('rates')],
    // A real service's own key and model are set in the environment.
    'writer' => [
        'address' => $outside('writer'),
        'key' => $key('WRITER_KEY', 'writer-demo-key'),
        'model' => env('WRITER_MODEL', 'standin'),
        'seconds' => 8,
    ],
    'carrier' => ['address' => $outside('carrier'), 'key' => $key('CARRIER_KEY', 'carrier-demo-key')],
    // Where what suppliers answer by mail is read.
    'mailbox' => ['address' => $outside('mailbox'), 'host' => env('MAIL_ANSWERS_HOST', $workshop)],
    'tannet' => ['address' => $outside('tannet')],
    'kilnfold' => ['address' => $outside('kilnfold')],
    // Pixels a side that pictures of printed goods are made at.
    'print' => ['side' => (int) env('PRINT_PICTURE_SIDE', 2000)],
];
