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
    'order_page' => 'Bestelling {number}: waar ze is',
    'why' => 'U krijgt deze mail omdat u bij ons kocht: bestelling {number}.',
    'thanks' => [
        'subject' => 'Bestelling {number} bij {shop}: dank u',
        'heading' => 'Dank u, {name}',
        'words' => 'Ze is betaald, {total}, en gaat naar wie haar inpakt.',
    ],
    'posted' => [
        'subject' => 'Bestelling {number} bij {shop} is onderweg',
        'heading' => 'Ze is onderweg, {name}',
        'words' => 'Een pakje van uw bestelling is verzonden.',
        'tracking' => 'Het gaat met {carrier}, nummer {number}.',
    ],
    'refunded' => [
        'subject' => 'Bestelling {number} bij {shop}: uw geld is terug',
        'heading' => 'Uw geld is terug, {name}',
        'words' => '{total} ging terug zoals het kwam.',
    ],
    'late' => [
        'subject' => 'Bestelling {number} bij {shop} duurt langer',
        'heading' => 'Het duurt langer, {name}',
        'words' => 'Een pakket van uw bestelling is er op de genoemde dag nog niet, of komt dan niet. Dat spijt '
            .'ons; we houden het voor u in de gaten.',
        'by' => 'Pakketten die zo onderweg waren, kwamen meestal voor {day} aan.',
    ],
    'there' => [
        'subject' => 'Bestelling {number} bij {shop} is er',
        'heading' => 'Het is er, {name}',
        'words' => 'De bezorger zegt dat een pakket van uw bestelling is aangekomen. Klopt er iets niet? '
            .'Beantwoord deze brief.',
    ],
    'said' => [
        'subject' => 'Wat vindt u van bestelling {number} van {shop}?',
        'heading' => 'Hoe is het, {name}?',
        'words' => 'U hebt het nu een tijdje. Anderen willen graag weten: is het zoals u dacht?',
        'leads' => 'Zeg wat u ervan vindt',
    ],
    'asked' => [
        'subject' => 'Uw vraag over {goods}',
        'you' => 'U vroeg:',
        'answer' => '{shop} antwoordt:',
        'why' => 'Uw adres wordt niet langer bewaard.',
    ],
    'code' => [
        'subject' => 'Uw code bij {shop}',
        'words' => 'Uw code is {code}. Typ hem in de mand; hij geldt één keer.',
        'stop' => 'Geen post meer:',
    ],
    'opened' => ['subject' => '{shop} is nu open', 'words' => '{shop} is nu open. U wilde het weten.'],
    'back' => ['subject' => '{goods} is terug', 'words' => '{goods} is weer te koop.', 'why' => 'U wilde het één keer weten. Uw adres wordt niet langer bewaard.'],
    'returned' => [
        'subject' => 'Bestelling {number} bij {shop}: uw retour',
        'heading' => 'Over uw retour, {name}',
    ],
];
