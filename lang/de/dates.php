<?php

declare(strict_types=1);

return [
    'day' => 'EEEE, d. MMMM',
    'day_of_month' => 'EEEE, d.',
    'date' => 'd. MMMM yyyy',
    'moment' => 'd. MMM yyyy, HH:mm',
    'weekday' => 'EEEE',
    'short_day' => 'EEE d. MMM',
    'stamp_day' => 'EEE d.',
    'stamp_month' => 'MMM',
    'between' => '{from} bis {to}',
    'days' => '{count, plural, one {# Tag} other {# Tage}}',
    'days_between' => '{from} bis {to} Tage',
    'and' => '{first} und {last}',
    'or' => '{first} oder {last}',
];
