<?php

declare(strict_types=1);

namespace WindowStall\Demo;

/** What Quillet takes off at the till. */
final class Codes
{
    /** Sold together, once half a year of orders is behind it. */
    public const SET = ['goods' => ['jute-garden-twine', 'seed-tin-with-month-dividers'], 'price' => '24.50'];

    public const ALL = [
        [
            'code' => 'BEANS10',
            'off' => ['by' => 'percent', 'share' => '0.1'],
            'holds' => ['by' => 'all'],
            'ends' => '2026-12-31T23:59',
            'most_each' => 1,
        ],
        ['code' => 'ALLOTMENT', 'off' => ['by' => 'delivery'], 'holds' => ['by' => 'all'], 'least' => '25.00', 'first_only' => true],
        [
            'off' => ['by' => 'pieces', 'of' => 3, 'paid' => 2],
            'holds' => ['by' => 'tags', 'values' => ['sowing']],
            'starts' => '2027-02-01T00:00',
            'ends' => '2027-03-31T23:59',
            'together' => false,
        ],
    ];
}
