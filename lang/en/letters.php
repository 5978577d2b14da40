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
    'order_page' => 'Order {number}: where it is',
    'why' => 'You get this mail because you bought in our shop: order {number}.',
    'thanks' => [
        'subject' => 'Order {number} at {shop}: thank you',
        'heading' => 'Thank you, {name}',
        'words' => 'It is paid, {total}, and goes to whoever packs it.',
    ],
    'posted' => [
        'subject' => 'Order {number} at {shop} is on its way',
        'heading' => 'It is on its way, {name}',
        'words' => 'A parcel of your order has been posted.',
        'tracking' => 'It goes by {carrier}, number {number}.',
    ],
    'refunded' => [
        'subject' => 'Order {number} at {shop}: your money is back',
        'heading' => 'Your money is back, {name}',
        'words' => '{total} went back the way it came.',
    ],
    'late' => [
        'subject' => 'Order {number} at {shop} takes longer',
        'heading' => 'It takes longer, {name}',
        'words' => 'A parcel of your order isn’t there yet on the day we told you, or won’t be. We are sorry, and '
            .'follow it for you.',
        'by' => 'Parcels that went like it were mostly there by {day}.',
    ],
    'there' => [
        'subject' => 'Order {number} at {shop} is there',
        'heading' => 'It is there, {name}',
        'words' => 'The carrier says that a parcel of your order has arrived. Is something amiss with it? Answer '
            .'this letter.',
    ],
    'said' => [
        'subject' => 'What do you say of order {number} from {shop}?',
        'heading' => 'How is it, {name}?',
        'words' => 'You have had it for a while now. Others would like to know: is it as you thought?',
        'leads' => 'Say what you think',
    ],
    'asked' => [
        'subject' => 'Your question about {goods}',
        'you' => 'You asked:',
        'answer' => '{shop} answers:',
        'why' => 'Your address isn’t kept any longer.',
    ],
    'code' => [
        'subject' => 'Your code at {shop}',
        'words' => 'Your code is {code}. Type it in the basket; it can be used once.',
        'stop' => 'No more mail:',
    ],
    'opened' => ['subject' => '{shop} is open', 'words' => '{shop} is open now. You wished to be told.'],
    'back' => ['subject' => '{goods} is back', 'words' => '{goods} can be bought again.', 'why' => 'You wished to be told once. Your address isn’t kept any longer.'],
    'returned' => [
        'subject' => 'Order {number} at {shop}: what you send back',
        'heading' => 'About what you send back, {name}',
    ],
];
