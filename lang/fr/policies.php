<?php

declare(strict_types=1);

return [
    'years' => '{count, plural, one {# an} other {# ans}}',
    'blanks' => [
        'trader' => 'qui tient la boutique',
        'street' => 'rue',
        'town' => 'ville',
        'postcode' => 'code postal',
        'email' => 'où les acheteurs écrivent',
        'return_days' => 'jours pour renvoyer',
        'return_by' => 'qui paie le renvoi',
        'keep_years' => 'années de garde des commandes',
    ],
    'delivery' => [
        'where' => 'Nous livrons : {places}.',
        'depends' => 'Le prix de la livraison dépend de ce que vous achetez. Le panier le dit avant le paiement.',
        'free' => 'La livraison est offerte.',
        'flat' => 'La livraison coûte {charge} par commande, quelle que soit la quantité.',
        'free_over' => 'La livraison coûte {charge} par commande, et rien dès {over}.',
        'days' => 'Une commande est chez vous en {days}. Chaque page dit le délai de son article.',
        'from' => 'Les articles vous sont envoyés de là où ils se trouvent : {places}. Ce qui se trouve en des lieux différents '
            .'arrive dans des colis séparés.',
        'printed' => 'Les articles imprimés sont faits à la commande ; cela fait partie du délai que dit chaque page.',
        'late' => 'Si quelque chose n’est pas arrivé en {days, plural, one {# jour ouvré} other {# jours ouvrés}}, écrivez à '
            .'{email} : nous le renvoyons ou vous remboursons.',
    ],
    'returns' => [
        'period' => 'Vous pouvez renvoyer ce que vous avez reçu pendant {return_days}, sans dire pourquoi.',
        'how' => 'Écrivez d’abord à {email}, et nous vous disons où l’envoyer.',
        'pays' => '{return_by}',
        'by' => [
            'shopper' => 'Vous payez le renvoi, sauf si l’article est abîmé ou n’est pas le bon.',
            'stall' => 'Nous payons le renvoi.',
        ],
        'refund' => 'Nous rendons ce que vous avez payé dans les {days} jours après l’avoir reçu en retour, livraison simple comprise '
            .'quand toute la commande revient.',
        'faulty' => 'Ce qui arrive abîmé ou n’est pas le bon, c’est à nous de le réparer : nous en envoyons un autre ou vous '
            .'remboursons, et vous ne payez pas le port.',
        'law' => 'Tout cela s’ajoute aux droits que la loi vous donne.',
    ],
    'privacy' => [
        'who' => '{trader}, {street}, {postcode} {town}, {country}, répond de ce qui est gardé sur vous. Écrivez à {email}.',
        'orders' => 'Pour envoyer votre commande, nous gardons votre nom, votre adresse, votre e-mail et ce que vous avez acheté, '
            .'pendant {keep_years}, comme le fisc nous le demande.',
        'orders_and_phone' => 'Pour envoyer votre commande, nous gardons votre nom, votre adresse, votre e-mail, votre téléphone là où il est demandé, et ce '
            .'que vous avez acheté, pendant {keep_years}, comme le fisc nous le demande.',
        'suppliers' => 'Votre nom et votre adresse vont à qui envoie votre colis ({places}) et au transporteur, pour rien d’autre.',
        'payment' => 'Vous payez sur la page d’un service de paiement ; nous ne voyons jamais votre carte.',
        'cookies' => 'Un cookie se souvient de votre panier. Personne ne vous suit ici, il n’y a donc rien à accepter.',
        'cookies_and_language' => 'Un cookie se souvient de votre panier, un autre de la langue que vous lisez. Personne ne vous suit ici, il n’y a donc rien à '
            .'accepter.',
        'cookies_alone' => 'Un cookie se souvient de votre panier.',
        'cookies_and_language_alone' => 'Un cookie se souvient de votre panier, un autre de la langue que vous lisez.',
        'scripts' => 'Des scripts d’autres peuvent tourner à côté de nos pages : {names}. Là où la loi le demande, seulement si vous '
            .'l’acceptez, ce qu’un cookie retient six mois ; ils voient sur quelle page vous êtes, et rien de ce que vous tapez. '
            .'Vous pouvez changer d’avis à tout moment sur la page « Ce qui tourne ici en plus ».',
        'grown_up' => 'Certains articles sont réservés aux adultes. Un cookie se souvient que vous l’avez dit ; nous seuls l’apprenons, avec une commande.',
        'halves' => 'Certaines pages existent en ce moment en deux versions. Un cookie retient laquelle vous voyez, au hasard ; une commande dit '
            .'laquelle c’était, et rien d’autre n’est gardé.',
        'letters' => 'Si vous vous inscrivez à nos lettres, nous gardons votre e-mail et la date de votre accord, jusqu’à ce que '
            .'vous disiez stop.',
        'form' => 'Ce que vous nous écrivez est gardé avec nos réponses, pour savoir ce qui a été dit.',
        'rights' => 'Vous pouvez demander ce que nous gardons, le faire corriger, vous le faire remettre ou effacer, et vous plaindre '
            .'à l’autorité qui y veille là où vous vivez.',
    ],
    'terms' => [
        'who' => 'Vous achetez chez {trader}, {street}, {postcode} {town}, {country}.',
        'contract' => 'La vente est conclue quand votre paiement est passé. Jusque-là, rien n’est débité.',
        'prices' => 'Les prix comprennent la TVA. Ce que vous voyez avant de payer est tout ce que vous payez.',
        'prices_on_top' => 'Les prix sont hors TVA ; elle s’ajoute avant le paiement.',
        'gone' => 'Si quelque chose se révèle épuisé, ce n’est pas débité.',
        'others' => 'Comment les choses vous arrivent se trouve sous Livraison ; comment elles repartent, sous Retours.',
        'law' => 'Le droit applicable est celui de : {country}.',
        'law_of_yours' => 'Le droit applicable est celui de : {country} ; là où le droit de votre propre pays vous protège mieux, il '
            .'demeure.',
    ],
    'legal' => [
        'who' => '{shop} est tenu par {trader}.',
        'address' => '{street}, {postcode} {town}, {country}',
        'email' => 'Écrivez à {email}.',
        'phone' => 'Téléphone : {phone}.',
        'register' => 'Inscrit sous {register}.',
        'tax' => 'Numéro de TVA {number}.',
    ],
];
