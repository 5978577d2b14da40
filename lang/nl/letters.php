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
        'words' => '{total} ging terug zoals het kwam. De artikelen konden niet worden verstuurd; dat spijt ons.',
    ],
];
