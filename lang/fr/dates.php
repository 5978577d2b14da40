<?php

declare(strict_types=1);

return [
    'day' => 'EEEE d MMMM',
    'day_of_month' => 'EEEE d',
    'date' => 'd MMMM yyyy',
    'moment' => 'd MMM yyyy, HH:mm',
    'weekday' => 'EEEE',
    'short_day' => 'EEE d MMM',
    'stamp_day' => 'EEE d',
    'stamp_month' => 'MMM',
    'between' => 'du {from} au {to}',
    'days' => '{count, plural, one {# jour} other {# jours}}',
    'days_between' => '{from} à {to} jours',
    'and' => '{first} et {last}',
    'or' => '{first} ou {last}',
];
