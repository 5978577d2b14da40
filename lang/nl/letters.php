<?php

declare(strict_types=1);

return [
    'hello' => 'Dag {name},',
    'answer' => ['subject' => '{shop} antwoordt u'],
    'left' => [
        'subject' => 'Uw mand bij {shop}',
        'kept' => 'Hij staat hier klaar: {link}',
        'why' => 'U zei bij het afrekenen dat we u mogen schrijven. Aan deze mand herinneren we u één keer. Wilt u geen post meer van '
            .'ons: {stop}',
    ],
];
