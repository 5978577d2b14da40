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
    'between' => '{from} tot {to}',
    'days' => '{count, plural, one {# dag} other {# dagen}}',
    'days_between' => '{from} tot {to} dagen',
    'and' => '{first} en {last}',
    'or' => '{first} of {last}',
];
