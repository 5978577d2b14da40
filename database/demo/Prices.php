<?php

declare(strict_types=1);

namespace WindowStall\Demo;

/** How Quillet prices: recipes in their order, what its other markets bear, and a few prices it set by hand. */
final class Prices
{
    /** @var list<array{name: string, position: int, conditions: array<string, mixed>, recipe: array<string, mixed>}> */
    public const RECIPES = [
        [
            'name' => 'Heavy goods',
            'position' => 1,
            'conditions' => ['grams_from' => 1500],
            'recipe' => [
                'basis' => 'landed',
                'steps' => [['margin' => '0.42']],
                'ending' => ['part' => '0', 'every' => '0.50', 'direction' => 'nearest'],
                'floor' => ['margin' => '0.25'],
                'cap' => null,
            ],
        ],
        [
            'name' => 'Little things',
            'position' => 2,
            'conditions' => ['cost_to' => '3.50'],
            'recipe' => [
                'basis' => 'landed',
                'steps' => [['keep' => '4.00']],
                'ending' => ['part' => '0.50', 'direction' => 'up'],
                'floor' => ['keep' => '3.00'],
                'cap' => 'rrp',
            ],
        ],
        [
            'name' => 'Everything else',
            'position' => 1000,
            'conditions' => [],
            'recipe' => [
                'basis' => 'landed',
                'steps' => [
                    ['up_to' => '7.00', 'factor' => '2.6'],
                    ['up_to' => '20.00', 'factor' => '2.4'],
                    ['factor' => '1.9'],
                ],
                'ending' => ['part' => '0.95', 'direction' => 'up'],
                'floor' => ['margin' => '0.2'],
                'cap' => null,
            ],
        ],
    ];

    /** @var array<string, array<string, mixed>> */
    public const MARKETS = [
        'IE' => [
            'sold' => true,
            'currency' => 'EUR',
            'prices' => 'conversion',
            'ending' => '{"part": "0.95", "direction": "up"}',
            'tax_bp' => 2300,
            'charged_minor' => 695,
            'duty_bp' => 0,
        ],
        'NL' => [
            'sold' => true,
            'currency' => 'EUR',
            'prices' => 'own',
            'ending' => '{"part": "0.95", "direction": "up"}',
            'tax_bp' => 2100,
            'charged_minor' => 695,
            'duty_bp' => 270,
        ],
    ];

    /** A tee that its keeper prices at twice the blank: its largest size costs more than that. */
    public const TEE = [
        'basis' => 'goods',
        'steps' => [['factor' => '2']],
        'ending' => ['part' => '0.95', 'direction' => 'up'],
        'floor' => null,
        'cap' => null,
    ];

    /** By hand: code → price of all its variants. */
    public const BY_HAND = ['OD-1020' => 1995, 'OD-1046' => 1295];

    /** A price that stood before. */
    public const WAS = ['OD-1031' => 800];

    public const LADDER = [
        'OD-1014' => [
            ['pieces' => 2, 'kind' => 'percent', 'value' => '10'],
            ['pieces' => 4, 'kind' => 'percent', 'value' => '20'],
        ],
    ];
}
