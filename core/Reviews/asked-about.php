<?php

declare(strict_types=1);

// Words by which a question shows what it is about, in small letters, as parts of a pattern: English, German, Spanish, French,
// Dutch.
return [
    'size' => [
        'size', 'sizes', 'how (?:big|long|wide|tall|large|deep|high)', 'dimensions?', 'measurements?', 'fits?', 'cm', 'inch(?:es)?',
        'größen?', 'wie (?:groß|lang|breit|hoch|tief)', 'maße?', 'tallas?', 'tamaños?', 'medidas?', 'mide', 'tailles?', 'dimensions',
        'mesure', 'maten?', 'maat', 'hoe (?:groot|lang|breed|hoog|diep)', 'afmetingen',
    ],
    'weight' => [
        'weights?', 'weighs?', 'how heavy', 'heavy', 'light', 'grams?', 'kg', 'gewicht', 'wiegt', 'schwer', 'peso', 'pesa', 'poids',
        'pèse', 'lourde?', 'weegt', 'zwaar',
    ],
    'arrival' => [
        'when', 'arrives?', 'how (?:long|soon|fast|quick)(?:ly)? (?:does|will|is|until|to)', 'delivery', 'delivered', 'days', 'post(?:ed)?',
        'in time', 'wann', 'lieferung', 'geliefert', 'lieferzeit', 'cuándo', 'entrega', 'llega', 'envío', 'quand', 'livraison', 'livré',
        'arrive', 'wanneer', 'bezorg(?:d|ing)', 'levering', 'levertijd',
    ],
    'origin' => [
        'from where', 'where (?:is|does|do|are) (?:it|they|this|these)', 'come from', 'posted from', 'sent from', 'which country', 'woher',
        'kommt (?:es|das|sie)', 'de dónde', 'd’où', "d'où", 'vient', 'waar komt', 'waarvandaan',
    ],
    'returns' => [
        'returns?', 'send (?:it|them) back', 'refund(?:ed)?', 'exchange', 'rückgabe', 'zurück(?:geben|schicken|senden)', 'umtausch(?:en)?',
        'devol(?:ver|ución)', 'reembolso', 'retour(?:ner)?', 'rembours\w*', 'échang\w+', 'terug(?:sturen|geven)?', 'retourneren', 'ruilen',
    ],
    'choice' => [
        'colou?rs?', 'other (?:versions?|kinds?)', 'available in', 'come in', 'options?', 'farben?', 'colore?s?', 'couleurs?', 'kleuren?',
        'kleur',
    ],
];
