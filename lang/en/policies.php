<?php

declare(strict_types=1);

// Policies, clause by clause, as they are written from how a stall is set up. A start, and no legal advice.
return [
    'years' => '{count, plural, one {# year} other {# years}}',
    'blanks' => [
        'trader' => 'who runs the shop',
        'street' => 'street',
        'town' => 'town',
        'postcode' => 'postcode',
        'email' => 'where shoppers write to',
        'return_days' => 'days for sending things back',
        'return_by' => 'who pays for sending back',
        'keep_years' => 'years orders are kept',
    ],
    'delivery' => [
        'where' => 'We send to {places}.',
        'depends' => 'What delivery costs depends on what you buy. The basket says it before you pay.',
        'free' => 'Delivery is free.',
        'flat' => 'Delivery costs {charge} an order, however much you buy.',
        'free_over' => 'Delivery costs {charge} an order, and nothing from {over} on.',
        'days' => 'An order is with you in {days}. Each page says how long its goods take.',
        'from' => 'Goods are posted to you straight from where they lie, in {places}. What lies in different places comes in '
            .'parcels of its own.',
        'printed' => 'Printed goods are made when you order them; that is part of the time each page says.',
        'late' => 'If something hasn’t come within {days, plural, one {# working day} other {# working days}}, write to {email}: '
            .'we send it again or give your money back.',
    ],
    'returns' => [
        'period' => 'You can send things back within {return_days} of getting them, without saying why.',
        'how' => 'Write to {email} first, and we tell you where it goes.',
        'pays' => '{return_by}',
        'by' => [
            'shopper' => 'You pay for sending it back, unless it is broken or wrong.',
            'stall' => 'We pay for sending it back.',
        ],
        'refund' => 'We give back what you paid for it within {days} days of having it back, the plain delivery to you included '
            .'when a whole order comes back.',
        'faulty' => 'What arrives broken or wrong is ours to put right: we send another or give your money back, and you pay '
            .'nothing for the post.',
        'law' => 'All this stands beside the rights the law gives you.',
    ],
    'privacy' => [
        'who' => '{trader}, {street}, {town} {postcode}, {country}, answers for what is kept about you. Write to {email}.',
        'orders' => 'To send your order we keep your name, address and e-mail and what you bought, for {keep_years}, as the tax '
            .'office asks of us.',
        'orders_and_phone' => 'To send your order we keep your name, address, e-mail, your telephone number where it is asked for, and what you bought, '
            .'for {keep_years}, as the tax office asks of us.',
        'suppliers' => 'Your name and address go to whoever posts your parcel, in {places}, and to the carrier, for nothing else.',
        'payment' => 'You pay on the page of a payment service; we never see your card.',
        'cookies' => 'One cookie remembers your basket. Nobody follows you about here, so there is nothing to agree to.',
        'cookies_and_language' => 'One cookie remembers your basket, another the language you read. Nobody follows you about here, so there is nothing to agree '
            .'to.',
        'cookies_alone' => 'One cookie remembers your basket.',
        'cookies_and_language_alone' => 'One cookie remembers your basket, another the language you read.',
        'scripts' => 'Scripts of others may run beside our pages: {names}. Where the law asks for it they do so only if you agree, which '
            .'a cookie remembers for half a year; they see which page you are on, and nothing you type. You can change your mind '
            .'at any time on the page “What runs here besides”.',
        'grown_up' => 'Some goods are for grown-ups only. A cookie remembers that you said so; nobody else learns it but us, with an order.',
        'halves' => 'Of some pages there are two versions at the moment. A cookie remembers which of them you see, by a coin; an order says which it '
            .'was, and nothing else is kept.',
        'letters' => 'If you sign up for our letters, we keep your e-mail and when you agreed, until you say stop.',
        'form' => 'What you write to us is kept with our answers, so that we know what was said.',
        'rights' => 'You can ask what we keep, have it put right, given to you or removed, and complain to the authority that '
            .'watches over it where you live.',
    ],
    'terms' => [
        'who' => 'You buy from {trader}, {street}, {town} {postcode}, {country}.',
        'contract' => 'A sale is agreed when your payment has gone through. Until then nothing is charged.',
        'prices' => 'Prices include VAT. What you see before you pay is all you pay.',
        'prices_on_top' => 'Prices are without VAT; it is added before you pay.',
        'gone' => 'If something turns out to be sold out, you aren’t charged for it.',
        'others' => 'How things reach you stands under Delivery; how they go back, under Returns.',
        'law' => 'The law of {country} counts.',
        'law_of_yours' => 'The law of {country} counts; where the law of your own country protects you further, that stays.',
    ],
    'legal' => [
        'who' => '{shop} is run by {trader}.',
        'address' => '{street}, {town} {postcode}, {country}',
        'email' => 'Write to {email}.',
        'phone' => 'Ring {phone}.',
        'register' => 'Registered as {register}.',
        'tax' => 'VAT number {number}.',
    ],
];
