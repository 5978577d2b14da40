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
    'order_page' => 'Commande {number} : où elle est',
    'why' => 'Vous recevez ce courrier parce que vous avez acheté chez nous : commande {number}.',
    'thanks' => [
        'subject' => 'Commande {number} chez {shop} : merci',
        'heading' => 'Merci, {name}',
        'words' => 'Elle est payée, {total}, et part chez qui l’emballe.',
    ],
    'posted' => [
        'subject' => 'La commande {number} de {shop} est en route',
        'heading' => 'Elle est en route, {name}',
        'words' => 'Un colis de votre commande a été expédié.',
        'tracking' => 'Il voyage avec {carrier}, numéro {number}.',
    ],
    'refunded' => [
        'subject' => 'Commande {number} chez {shop} : votre argent est revenu',
        'heading' => 'Votre argent est revenu, {name}',
        'words' => '{total} sont revenus par où ils étaient venus.',
    ],
    'late' => [
        'subject' => 'La commande {number} chez {shop} prend plus de temps',
        'heading' => 'Cela prend plus de temps, {name}',
        'words' => 'Un colis de votre commande n’est pas encore là le jour annoncé, ou ne le sera pas. Nous en '
            .'sommes désolés et le suivons pour vous.',
        'by' => 'Les colis partis comme lui étaient le plus souvent là avant {day}.',
    ],
    'there' => [
        'subject' => 'La commande {number} chez {shop} est arrivée',
        'heading' => 'C’est arrivé, {name}',
        'words' => 'Le transporteur dit qu’un colis de votre commande est arrivé. Quelque chose ne va pas ? '
            .'Répondez à cette lettre.',
    ],
    'said' => [
        'subject' => 'Que dites-vous de la commande {number} de {shop} ?',
        'heading' => 'Comment est-ce, {name} ?',
        'words' => 'Vous l’avez depuis quelque temps. D’autres aimeraient savoir : est-ce comme vous le pensiez ?',
        'leads' => 'Dire ce que vous en pensez',
    ],
    'asked' => [
        'subject' => 'Votre question sur {goods}',
        'you' => 'Vous avez demandé :',
        'answer' => '{shop} répond :',
        'why' => 'Votre adresse n’est plus conservée.',
    ],
    'code' => [
        'subject' => 'Votre code chez {shop}',
        'words' => 'Votre code est {code}. Saisissez-le dans le panier ; il sert une seule fois.',
        'stop' => 'Plus de courrier :',
    ],
    'opened' => ['subject' => '{shop} est ouvert', 'words' => '{shop} est maintenant ouvert. Vous vouliez être prévenu.'],
    'back' => ['subject' => '{goods} est de retour', 'words' => '{goods} est de nouveau disponible.', 'why' => 'Vous vouliez être prévenu une fois. Votre adresse n’est plus conservée.'],
    'returned' => [
        'subject' => 'Commande {number} chez {shop} : votre retour',
        'heading' => 'À propos de votre retour, {name}',
    ],
];
