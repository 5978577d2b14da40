<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\StarterLook;

/** Quillet's own words for some of Oakum's goods, its window, and a few shoppers. */
final class Goods
{
    public const ON_THE_BENCH = ['OD-1013', 'OD-1024', 'OD-1044', 'OD-1046', 'OD-1060'];

    /** How Quillet orders some of them. */
    public const TAGS = [
        'OD-1001' => ['every day'],
        'OD-1033' => ['every day', 'gift'],
        'OD-1014' => ['spring'],
        'OD-1031' => ['summer'],
        'OD-1030' => ['gift', 'under glass'],
        'OD-1027' => ['spring', 'under glass'],
        'OD-1020' => ['gift', 'spring'],
        'OD-1008' => ['every day', 'summer'],
    ];

    /** Who runs the stall; who pays for sending back isn't said yet. */
    public const PARTICULARS = [
        'trader' => 'Ada Marl',
        'street' => '4 Dyke Lane',
        'town' => 'Aldermere',
        'postcode' => 'AL4 2QT',
        'email' => 'hello@quillet.example',
        'return_days' => 30,
        'keep_years' => 6,
    ];

    /** Shelves: name → what stands above its goods, and its rule as it is written. */
    public const SHELVES = [
        'Sowing and growing' => [
            'words' => 'From the first seed in February to the glass coming off in May.',
            'rule' => [
                'join' => 'any',
                'parts' => [
                    ['field' => 'tag', 'names' => ['spring', 'under glass']],
                    ['field' => 'type', 'names' => ['Seeds and sowing', 'Pots and bags']],
                ],
            ],
        ],
        'Presents' => [
            'words' => 'Small things a plot holder doesn’t buy for himself.',
            'rule' => [
                'join' => 'all',
                'parts' => [
                    ['field' => 'buyable'],
                    ['field' => 'price', 'to' => '45.00'],
                    [
                        'join' => 'any',
                        'clauses' => [
                            ['field' => 'tag', 'names' => ['gift']],
                            ['field' => 'type', 'names' => ['Instruments']],
                        ],
                    ],
                ],
            ],
        ],
        'Every day' => [
            'words' => 'What hangs by the door of the shed.',
            'rule' => ['join' => 'all', 'parts' => [['field' => 'tag', 'names' => ['every day']]]],
        ],
    ];

    /** What the columns of Kilnfold's table mean. */
    public const KILNFOLD = [
        'Range' => FeedField::Item,
        'Article' => FeedField::Sku,
        'EAN' => FeedField::Barcode,
        'Name' => FeedField::Title,
        'Glaze' => FeedField::Option,
        'Size' => FeedField::Option,
        'Section' => FeedField::Category,
        'Description' => FeedField::Words,
        'Trade price' => FeedField::Cost,
        'RRP' => FeedField::Rrp,
        'Free stock' => FeedField::Stock,
        'Weight kg' => FeedField::Weight,
        'Picture' => FeedField::Picture,
    ];

    public const ORDERS = [
        [
            'goods' => ['OD-1033' => 1, 'OD-1014' => 2],
            'address' => [
                'email' => 'ines@fennimore.example',
                'name' => 'Ines Fennimore',
                'street' => '4 Pound Row',
                'town' => 'Aldermere',
                'postcode' => 'AL4 7QT',
            ],
        ],
        [
            'goods' => ['OD-1031' => 1],
            'address' => [
                'email' => 'bram@holloway.example',
                'name' => 'Bram Holloway',
                'street' => '17 Sluice Lane',
                'town' => 'Wexcombe',
                'postcode' => 'WX2 3DD',
            ],
        ],
    ];

    /** Hours ago somebody went as far as the payment and no further. */
    public const LEFT = [
        15 => [
            'goods' => ['OD-1008' => 1, 'OD-1042' => 1],
            'address' => [
                'email' => 'maud@penhallow.example',
                'name' => 'Maud Penhallow',
                'street' => '2 Kiln Yard',
                'town' => 'Wexcombe',
                'postcode' => 'WX2 4LP',
            ],
        ],
        52 => [
            'goods' => ['OD-1001' => 2],
            'address' => [
                'email' => 'tobit@marsh.example',
                'name' => 'Tobit Marsh',
                'street' => '9 Staithe Walk',
                'town' => 'Aldermere',
                'postcode' => 'AL4 2BE',
            ],
        ],
    ];

    /**
     * @return array<string, array{
     *     title: string, words: string, names: array<string, array{as: string, values: array<string, string>}>,
     *     only?: string,
     * }>
     */
    public static function all(): array
    {
        $colour = static fn (array $values, string $as = 'Colour'): array => [
            'Clr' => ['as' => $as, 'values' => $values],
        ];

        return [
            'OD-1001' => [
                'title' => 'Ash-handled hand trowel',
                'only' => 'GB',
                'words' => '<p>A trowel for a working lifetime: a forged blade, a brass collar and an oiled ash '.
                    'handle that fits the palm.</p><p>The leather loop hangs it by the shed door.</p>',
                'names' => $colour(['STL-01' => 'Steel', 'CPR-02' => 'Copper', 'BLK-03' => 'Black'], 'Finish'),
            ],
            'OD-1031' => [
                'title' => 'Long-reach watering can',
                'words' => '<p>Galvanised, balanced when full, with a brass rose that gives a soft rain. The long '.
                    'spout reaches the back of the bed.</p><ul><li>Brass rose, unscrews for cleaning</li><li>Two '.
                    'handles, one for carrying, one for pouring</li></ul>',
                'names' => $colour(['ZNC-14' => 'Zinc', 'GRN-05' => 'Bottle green', 'BLU-08' => 'Slate blue']),
            ],
            'OD-1033' => [
                'title' => 'Goatskin gloves',
                'words' => '<p>Soft enough to thin seedlings in, tough enough for brambles. The long cuff keeps soil '.
                    'out and wrists whole.</p>',
                'names' => $colour(['TAN-18' => 'Tan', 'GRN-05' => 'Moss', 'BRN-10' => 'Bark']),
            ],
            'OD-1014' => [
                'title' => 'Jute garden twine',
                'words' => '<p>Three-ply jute that ties soft, holds through a season and rots down with the beans.</p>',
                'names' => $colour(['GRN-05' => 'Green', 'NAT-09' => 'Natural', 'RED-07' => 'Red', 'BLU-08' => 'Blue']),
            ],
            'OD-1020' => [
                'title' => 'Seed tin with month dividers',
                'words' => '<p>Twelve dividers, one for each month, so that what is next to sow stands at the '.
                    'front.</p>',
                'names' => $colour([
                    'RED-07' => 'Barn red',
                    'GRN-05' => 'Green',
                    'CRM-11' => 'Cream',
                    'BLU-08' => 'Blue',
                ]),
            ],
            'OD-1030' => [
                'title' => 'Brass mister',
                'only' => 'GB',
                'words' => '<p>A fine, even mist for seedlings and ferns, from a solid brass pump.</p>',
                'names' => $colour(
                    ['BRS-04' => 'Brass', 'CPR-02' => 'Copper', 'BLK-03' => 'Black', 'SLV-17' => 'Silver'],
                    'Metal',
                ),
            ],
            'OD-1017' => [
                'title' => 'Slate plant labels',
                'words' => '<p>Split slate that takes chalk, paint pen or a scratched name, and outlasts the wooden '.
                    'ones by years.</p>',
                'names' => [],
            ],
            'OD-1038' => [
                'title' => 'Harvest trug',
                'words' => '<p>Light, wide and shallow: nothing at the bottom gets crushed on the way to the '.
                    'kitchen.</p>',
                'names' => $colour(['NAT-09' => 'Willow', 'OAK-22' => 'Oak brown'], 'Wood'),
            ],
            'OD-1008' => [
                'title' => 'Cut-flower snips',
                'words' => '<p>Narrow blades that get in among the stems and close to a point.</p>',
                'names' => $colour(['STL-01' => 'Steel', 'BLK-03' => 'Black', 'GLD-06' => 'Brass'], 'Finish'),
            ],
            'OD-1042' => [
                'title' => 'Compost thermometer',
                'words' => '<p>A long steel stem that reads the middle of the heap: when it drops, it is time to '.
                    'turn.</p>',
                'names' => $colour(['BRS-04' => 'Brass', 'STL-01' => 'Steel'], 'Dial'),
            ],
            'OD-1048' => [
                'title' => 'Terracotta pots, a pair',
                'words' => '<p>Thick-walled clay that breathes, with a drainage hole that does its work.</p>',
                'names' => $colour(['TRC-15' => 'Terracotta', 'WHT-23' => 'Chalk', 'GRY-12' => 'Grey']),
            ],
            'OD-1027' => [
                'title' => 'Glass bell cloche',
                'words' => '<p>A fortnight’s head start for a lettuce, and the best-looking thing in the border '.
                    'while it does it.</p>',
                'names' => $colour(['CLR-16' => 'Clear', 'GRN-05' => 'Green'], 'Glass'),
            ],
        ];
    }

    /**
     * @param  callable(string): int  $listing  the listing's id by the supplier's code
     * @param  callable(string): int  $shelf  the shelf's id by its name
     * @param  callable(string): int  $page  the page's id by its kind
     * @return array<string, mixed>
     */
    public static function window(callable $listing, callable $shelf, callable $page): array
    {
        $section = static fn (string $id, string $kind, array $settings): array => compact('id', 'kind', 'settings');
        $way = static fn (string $words, string $leads): array => compact('words', 'leads');

        return [
            'look' => ['name' => 'Seed packet', 'wordmark' => 'Quillet', 'logo' => null] +
                LookForm::of(StarterLook::SeedPacket->plan()),
            'sections' => [
                $section('notice', 'notice', [
                    'messages' => [['words' => 'Posted from Britain, with you in 3 to 7 days']],
                ]),
                $section('masthead', 'masthead', [
                    'menu' => [
                        $way('Sowing', 'shelf:'.$shelf('Sowing and growing')),
                        $way('Every day', 'shelf:'.$shelf('Every day')),
                        $way('Presents', 'shelf:'.$shelf('Presents')),
                        $way('Everything', 'all'),
                    ],
                ]),
                $section('hero', 'hero', [
                    'words' => 'Tools that outlast you',
                    'under' => 'Forged, turned and oiled for small plots.',
                    'listing' => $listing('OD-1031'),
                    'button' => 'See the watering can',
                    'leads' => 'goods:'.$listing('OD-1031'),
                ]),
                $section('ways', 'tiles', [
                    'tiles' => [
                        $way('In the hand every day', 'tag:every day'),
                        $way('Under glass', 'tag:under glass'),
                        $way('For spring', 'tag:spring'),
                        $way('To give away', 'tag:gift'),
                    ],
                ]),
                $section('first', 'goods', [
                    'heading' => 'In the hand every day',
                    'which' => 'chosen',
                    'count' => '4',
                    'listings' => array_map($listing, ['OD-1001', 'OD-1033', 'OD-1014', 'OD-1008']),
                ]),
                $section('story', 'story', [
                    'heading' => 'A narrow strip of land',
                    'words' => 'A quillet is a narrow strip of land. Ours is in Aldermere: four beds, a shed and a '.
                        "hedge.\n\nWhat we sell has been used there first.",
                    'listing' => $listing('OD-1038'),
                    'side' => 'right',
                ]),
                $section('new', 'goods', ['heading' => 'New on the stall', 'which' => 'newest', 'count' => '8']),
                $section('promises', 'promises', ['which' => 'terms', 'tone' => 'band']),
                $section('foot', 'foot', [
                    'about' => 'Quillet sells good things for small vegetable plots. A quillet is a narrow strip of '.
                        'land; ours is in Aldermere.',
                    'email' => 'hello@quillet.example',
                    'menu' => [
                        $way('The stall', ''),
                        $way('About us', 'page:'.$page('about')),
                        $way('Write to us', 'page:'.$page('contact')),
                        $way('Buying here', ''),
                        $way('Delivery', 'policy:delivery'),
                        $way('Returns', 'policy:returns'),
                        $way('Terms of sale', 'policy:terms'),
                        $way('Small print', ''),
                        $way('Privacy', 'policy:privacy'),
                        $way('Who we are', 'policy:legal'),
                    ],
                ]),
            ],
        ];
    }
}
