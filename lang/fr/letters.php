<?php

declare(strict_types=1);

return [
    'hello' => 'Bonjour {name},',
    'answer' => ['subject' => '{shop} vous répond'],
    'left' => [
        'subject' => 'Votre panier chez {shop}',
        'kept' => 'Il vous attend ici : {link}',
        'why' => 'Vous avez dit à la caisse que nous pouvons vous écrire. Nous vous rappelons ce panier une seule fois. Pour ne plus '
            .'recevoir de courrier de notre part : {stop}',
    ],
];
