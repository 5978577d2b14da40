<?php

declare(strict_types=1);

namespace WindowStall\Demo;

/** Where Quillet sends, and when its suppliers pack. */
final class Delivery
{
    private const ONCE = ['across' => 'once', 'prefers' => 'cheapest', 'free_over' => null, 'under' => null];

    private const QUICK = [
        'name' => 'quick',
        'charge' => ['by' => 'cost', 'times' => '1.25', 'plus' => '0', 'ending' => '0.95'],
        'across' => 'sum',
        'prefers' => 'quickest',
        'free_over' => null,
        'under' => null,
    ];

    public const HOME = [
        'name' => '',
        'covers' => [['country' => 'GB']],
        'ways' => [
            ['name' => 'plain', 'charge' => ['by' => 'flat', 'amount' => '2.95'], 'free_over' => '60.00'] + self::ONCE,
            self::QUICK,
        ],
        'rules' => [],
    ];

    public const ISLANDS = [
        'name' => 'the Highlands and the islands',
        'covers' => [['country' => 'GB', 'postcodes' => 'IV, HS, KA27–28, KW, PA20–80, PH17–50, ZE, BT']],
        'ways' => [['name' => '', 'charge' => ['by' => 'flat', 'amount' => '5.95']] + self::ONCE],
        'rules' => [['by' => 'heavier', 'value' => '2500', 'more' => null]],
    ];

    public const ABROAD = [
        'name' => '',
        'covers' => [['country' => 'IE'], ['country' => 'NL']],
        'ways' => [['name' => '', 'charge' => ['by' => 'flat', 'amount' => '5.95']] + self::ONCE],
        'rules' => [],
    ];

    /** Kind of supplier → what is known of its packing. */
    public const PACKING = [
        'oakum' => ['cut_off' => '14:00'],
        'feed' => ['cut_off' => '11:00', 'closed_days' => [['2026-12-24', '2027-01-03']]],
    ];

    /** A bank takes a little of each transfer, and nothing of its amount. */
    public const TRANSFER = ['on' => true, 'least' => '10.00', 'fee' => '0', 'fixed' => '0.25'];
}
