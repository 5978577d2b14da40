<?php

declare(strict_types=1);

namespace WindowStall\Demo;

/** What Quillet's keeper has said in Dutch so far; the rest is still to be said. */
final class Dutch
{
    /** Room → English → Dutch. */
    public const WORDS = [
        'front' => [
            'Posted from Britain, with you in 3 to 7 days' => 'Verzonden uit Groot-Brittannië, bij u in 3 tot 7 dagen',
            'Sowing' => 'Zaaien',
            'Every day' => 'Elke dag',
            'Presents' => 'Cadeaus',
            'Everything' => 'Alles',
            'Tools that outlast you' => 'Gereedschap dat u overleeft',
            'Forged, turned and oiled for small plots.' => 'Gesmeed, gedraaid en geolied voor kleine tuinen.',
            'See the watering can' => 'Bekijk de gieter',
            'In the hand every day' => 'Elke dag in de hand',
            'Under glass' => 'Onder glas',
            'For spring' => 'Voor de lente',
            'To give away' => 'Om weg te geven',
            'A narrow strip of land' => 'Een smalle strook land',
            "A quillet is a narrow strip of land. Ours is in Aldermere: four beds, a shed and a hedge.\n\nWhat we sell has been used "
                .'there first.' => 'Een quillet is een smalle strook land. De onze ligt in Aldermere: vier bedden, een schuur en een '
                ."heg.\n\nWat wij verkopen, is daar eerst gebruikt.",
            'New on the stall' => 'Nieuw op de kraam',
            'The stall' => 'De kraam',
            'About us' => 'Over ons',
            'Write to us' => 'Schrijf ons',
            'Buying here' => 'Hier kopen',
            'Delivery' => 'Bezorging',
            'Returns' => 'Terugsturen',
            'Terms of sale' => 'Verkoopvoorwaarden',
            'Small print' => 'Kleine lettertjes',
            'Privacy' => 'Privacy',
            'Who we are' => 'Wie wij zijn',
            'Quillet sells good things for small vegetable plots. A quillet is a narrow strip of land; ours is in Aldermere.' => 'Quillet '
                .'verkoopt goede dingen voor kleine moestuinen. Een quillet is een smalle strook land; de onze ligt in Aldermere.',
        ],
        'titles' => [
            'Jute garden twine' => 'Jute tuintouw',
            'Long-reach watering can' => 'Gieter met lange tuit',
            'Goatskin gloves' => 'Geitenleren handschoenen',
            'Harvest trug' => 'Oogstmand',
            'Compost thermometer' => 'Compostthermometer',
            'Terracotta pots, a pair' => 'Terracotta potten, een paar',
            'Cut-flower snips' => 'Bloemenschaar',
            'Brass mister' => 'Messing verstuiver',
            'Seed tin with month dividers' => 'Zaadblik met maandvakken',
            'Slate plant labels' => 'Leistenen plantlabels',
            'Glass bell cloche' => 'Glazen stolp',
            'Ash-handled hand trowel' => 'Plantschepje met essen steel',
        ],
        'descriptions' => [
            '<p>Three-ply jute that ties soft, holds through a season and rots down with the beans.</p>' => '<p>Driedraads jute die '
                .'zacht bindt, een seizoen lang houdt en met de bonen vergaat.</p>',
            '<p>Light, wide and shallow: nothing at the bottom gets crushed on the way to the kitchen.</p>' => '<p>Licht, breed en '
                .'ondiep: onderin wordt niets geplet op weg naar de keuken.</p>',
            '<p>A fine, even mist for seedlings and ferns, from a solid brass pump.</p>' => '<p>Een fijne, gelijkmatige nevel voor '
                .'zaailingen en varens, uit een massief messing pomp.</p>',
        ],
        'shelves' => [
            'Sowing and growing' => 'Zaaien en kweken',
            'Presents' => 'Cadeaus',
            'Every day' => 'Elke dag',
            'From the first seed in February to the glass coming off in May.' => 'Van het eerste zaad in februari tot het glas er in mei '
                .'af gaat.',
            'Small things a plot holder doesn’t buy for himself.' => 'Kleine dingen die een tuinder niet voor zichzelf koopt.',
            'What hangs by the door of the shed.' => 'Wat er bij de schuurdeur hangt.',
        ],
        'choices' => [
            'Colour' => 'Kleur', 'Size' => 'Maat', 'Finish' => 'Afwerking', 'Metal' => 'Metaal', 'Wood' => 'Hout', 'Glass' => 'Glas',
            'Green' => 'Groen', 'Natural' => 'Naturel', 'Red' => 'Rood', 'Blue' => 'Blauw', 'Black' => 'Zwart', 'Grey' => 'Grijs',
            'Brass' => 'Messing', 'Copper' => 'Koper', 'Steel' => 'Staal', 'Silver' => 'Zilver', 'Small' => 'Klein', 'Medium' => 'Middel',
            'Large' => 'Groot', 'every day' => 'elke dag', 'gift' => 'cadeau', 'spring' => 'lente', 'under glass' => 'onder glas',
            'summer' => 'zomer', 'Watering' => 'Water geven', 'Hand tools' => 'Handgereedschap', 'Harvest' => 'Oogst',
        ],
    ];
}
