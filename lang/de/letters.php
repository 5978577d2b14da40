<?php

declare(strict_types=1);

return [
    'hello' => 'Guten Tag {name},',
    'answer' => ['subject' => '{shop} antwortet Ihnen'],
    'left' => [
        'subject' => 'Ihr Korb bei {shop}',
        'kept' => 'Er liegt hier bereit: {link}',
        'why' => 'Sie haben an der Kasse gesagt, dass wir Ihnen schreiben dürfen. An diesen Korb erinnern wir Sie einmal. Wenn Sie '
            .'keine Post mehr von uns wollen: {stop}',
    ],
];
