<?php

declare(strict_types=1);

// Mail to shoppers, around the stall's own words.
return [
    'hello' => 'Hello {name},',
    'answer' => ['subject' => '{shop} answers you'],
    'left' => [
        'subject' => 'Your basket at {shop}',
        'kept' => 'It is kept here: {link}',
        'why' => 'You said at the checkout that we may write to you. We remind you of this basket once. To get no more mail from '
            .'us: {stop}',
    ],
];
