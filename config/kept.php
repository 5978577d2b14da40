<?php

declare(strict_types=1);

use WindowStall\Bench\Undo\Undo;

// How many days rows are kept of what grows for ever; Frame\Jobs\ThinOut throws older ones away. What still counts stays
// however old it is (…_thinning.php): the price that was asked when the time began, what a supplier says now and what was
// agreed, what asks, the last run of each kind. Orders and letters are kept as long as the stall says for itself.
return [
    // Was-prices look back 30 days; who has to show what was asked a year ago can.
    'price_history' => 400,
    'supplier_words' => 400,
    'drift_changes' => 400,
    // How listings stood before a step.
    'bench_change_parts' => Undo::DAYS,
    'runs' => 90,
    'baskets' => 60,
    // No event is taken twice; one older than five minutes isn't taken at all.
    'supplier_events' => 30,
    'hook_deliveries' => 30,
];
