<?php

declare(strict_types=1);

return [
    'day' => "EEEE d 'de' MMMM",
    'day_of_month' => 'EEEE d',
    'date' => "d 'de' MMMM 'de' yyyy",
    'moment' => 'd MMM yyyy, HH:mm',
    'weekday' => 'EEEE',
    'short_day' => 'EEE d MMM',
    'stamp_day' => 'EEE d',
    'stamp_month' => 'MMM',
    'between' => 'del {from} al {to}',
    'days' => '{count, plural, one {# día} other {# días}}',
    'days_between' => 'de {from} a {to} días',
    'and' => '{first} y {last}',
    'or' => '{first} o {last}',
];
