<?php

declare(strict_types=1);

// Days and lists. Those with letters repeated are patterns of ICU's, not messages:
// https://unicode-org.github.io/icu/userguide/format_parse/datetime/#date-field-symbol-table
return [
    'day' => 'EEEE d MMMM',
    'day_of_month' => 'EEEE d',
    'date' => 'd MMMM yyyy',
    'moment' => 'd MMM yyyy, HH:mm',
    'weekday' => 'EEEE',
    'short_day' => 'EEE d MMM',
    'stamp_day' => 'EEE d',
    'stamp_month' => 'MMM',
    'between' => '{from} to {to}',
    'days' => '{count, plural, one {# day} other {# days}}',
    'days_between' => '{from} to {to} days',
    'and' => '{first} and {last}',
    'or' => '{first} or {last}',
];
