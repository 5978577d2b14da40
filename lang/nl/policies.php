<?php

declare(strict_types=1);

return [
    'years' => '{count, plural, one {# jaar} other {# jaar}}',
    'blanks' => [
        'trader' => 'wie de winkel drijft',
        'street' => 'straat',
        'town' => 'plaats',
        'postcode' => 'de postcode',
        'email' => 'waarheen kopers schrijven',
        'return_days' => 'dagen om terug te sturen',
        'return_by' => 'wie het terugsturen betaalt',
        'keep_years' => 'hoe lang bestellingen worden bewaard',
    ],
    'delivery' => [
        'where' => 'Wij sturen naar: {places}.',
        'depends' => 'Wat de bezorging kost, hangt af van wat u koopt. De mand zegt het voordat u betaalt.',
        'free' => 'De bezorging is gratis.',
        'flat' => 'De bezorging kost {charge} per bestelling, hoeveel u ook koopt.',
        'free_over' => 'De bezorging kost {charge} per bestelling, en vanaf {over} niets.',
        'days' => 'Een bestelling is in {days} bij u. Op elke pagina staat hoe lang dat artikel nodig heeft.',
        'from' => 'De artikelen worden verstuurd vanaf de plek waar ze liggen: {places}. Wat op verschillende plekken ligt, komt in '
            .'aparte pakjes.',
        'printed' => 'Bedrukte artikelen worden gemaakt wanneer u ze bestelt; dat hoort bij de tijd die op elke pagina staat.',
        'late' => 'Is iets na {days, plural, one {# werkdag} other {# werkdagen}} niet gekomen, schrijf dan naar {email}: we sturen '
            .'het opnieuw of geven uw geld terug.',
    ],
    'returns' => [
        'period' => 'U kunt spullen tot {return_days} na ontvangst terugsturen, zonder te zeggen waarom.',
        'how' => 'Schrijf eerst naar {email}, dan zeggen we waar het heen gaat.',
        'pays' => '{return_by}',
        'by' => [
            'shopper' => 'Het terugsturen betaalt u zelf, tenzij het kapot of verkeerd is.',
            'stall' => 'Het terugsturen betalen wij.',
        ],
        'refund' => 'We geven terug wat u ervoor betaalde binnen {days} dagen nadat we het terug hebben, de gewone bezorging '
            .'inbegrepen als een hele bestelling terugkomt.',
        'faulty' => 'Wat kapot of verkeerd aankomt, maken wij in orde: we sturen een ander of geven uw geld terug, en u betaalt geen '
            .'port.',
        'law' => 'Dit alles staat naast de rechten die de wet u geeft.',
    ],
    'privacy' => [
        'who' => '{trader}, {street}, {postcode} {town}, {country}, staat in voor wat er over u wordt bewaard. Schrijf naar {email}.',
        'orders' => 'Om uw bestelling te sturen bewaren we uw naam, adres, e-mail en wat u kocht, {keep_years} lang, zoals de '
            .'belastingdienst van ons vraagt.',
        'orders_and_phone' => 'Om uw bestelling te sturen bewaren we uw naam, adres, e-mail, uw telefoonnummer waar we ernaar vragen, en wat u kocht, '
            .'{keep_years} lang, zoals de belastingdienst van ons vraagt.',
        'suppliers' => 'Uw naam en adres gaan naar wie uw pakje verstuurt ({places}) en naar de bezorger, voor niets anders.',
        'payment' => 'U betaalt op de pagina van een betaaldienst; uw kaart zien wij nooit.',
        'cookies' => 'Eén cookie onthoudt uw mand. Niemand volgt u hier, dus er is niets om mee in te stemmen.',
        'cookies_and_language' => 'Eén cookie onthoudt uw mand, een andere de taal die u leest. Niemand volgt u hier, dus er is niets om mee in te stemmen.',
        'cookies_alone' => 'Eén cookie onthoudt uw mand.',
        'cookies_and_language_alone' => 'Eén cookie onthoudt uw mand, een andere de taal die u leest.',
        'scripts' => 'Naast onze pagina’s kunnen scripts van anderen lopen: {names}. Waar de wet dat vraagt alleen als u instemt; een '
            .'cookie onthoudt dat een half jaar. Ze zien op welke pagina u bent, en niets van wat u typt. Op de pagina “Wat hier '
            .'nog meer loopt” kunt u het altijd veranderen.',
        'grown_up' => 'Sommige artikelen zijn alleen voor volwassenen. Een cookie onthoudt dat u dat zei; alleen wij horen het, bij een bestelling.',
        'halves' => 'Van sommige pagina’s zijn er nu twee versies. Een cookie onthoudt welke u ziet, bij toeval; een bestelling zegt welke het was, en '
            .'verder wordt niets bewaard.',
        'letters' => 'Als u zich voor onze brieven aanmeldt, bewaren we uw e-mail en wanneer u instemde, tot u stop zegt.',
        'form' => 'Wat u ons schrijft, wordt met onze antwoorden bewaard, zodat we weten wat er gezegd is.',
        'rights' => 'U kunt vragen wat we bewaren, het laten verbeteren, aan u laten geven of laten wissen, en klagen bij de instantie '
            .'die daarover waakt waar u woont.',
    ],
    'terms' => [
        'who' => 'U koopt van {trader}, {street}, {postcode} {town}, {country}.',
        'contract' => 'Een koop is gesloten wanneer uw betaling is gelukt. Tot dan wordt niets afgeschreven.',
        'prices' => 'Prijzen zijn inclusief btw. Wat u ziet voordat u betaalt, is alles wat u betaalt.',
        'prices_on_top' => 'Prijzen zijn zonder btw; die komt erbij voordat u betaalt.',
        'gone' => 'Blijkt iets uitverkocht, dan wordt het niet afgeschreven.',
        'others' => 'Hoe de spullen bij u komen, staat onder Bezorging; hoe ze teruggaan, onder Terugsturen.',
        'law' => 'Het recht van dit land geldt: {country}.',
        'law_of_yours' => 'Het recht van dit land geldt: {country}; waar het recht van uw eigen land u verder beschermt, blijft dat.',
    ],
    'legal' => [
        'who' => '{shop} wordt gedreven door {trader}.',
        'address' => '{street}, {postcode} {town}, {country}',
        'email' => 'Schrijf naar {email}.',
        'phone' => 'Bel {phone}.',
        'register' => 'Ingeschreven als {register}.',
        'tax' => 'Btw-nummer {number}.',
    ],
];
