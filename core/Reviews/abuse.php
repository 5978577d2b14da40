<?php

declare(strict_types=1);

// Words that insult a person, in the languages shops speak; what has one is looked at before it is shown. Parts of
// regular expressions.
return [
    'arseholes?', 'assholes?', 'bastards?', 'bitch(?:es)?', 'cunts?', 'fuck(?:ing|ers?)?', 'idiots?', 'morons?', 'scum', 'wankers?',
    'arschl(?:o|ö)ch(?:er)?', 'betrüger', 'drecksäcke?', 'hurensöhne?', 'hurensohn', 'idioten', 'wichser',
    'connards?', 'connasses?', 'enculés?', 'salauds?', 'salopes?',
    'cabron(?:es)?', 'cabrón', 'gilipollas', 'hijos? de puta', 'idiotas?', 'imbéciles?',
    'eikels?', 'klootzak(?:ken)?', 'kutwijven', 'oplichters?', 'sukkels?',
];
