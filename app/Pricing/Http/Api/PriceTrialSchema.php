<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use WindowStall\Support\Api\Schema;

/** The part of the API's description that asks what a sale would come to. */
final class PriceTrialSchema
{
    private const DECIMAL = ['type' => 'string', 'pattern' => '^\d+(\.\d+)?$'];

    private const STRING = ['type' => 'string'];

    /** @return array<string, mixed> */
    public static function path(): array
    {
        $json = static fn (string $schema): array => [
            'application/json' => ['schema' => ['$ref' => '#/components/schemas/'.$schema]],
        ];

        return [
            'post' => [
                'summary' => 'What one sale comes to, from nothing but what is asked; nothing is stored',
                'operationId' => 'tryPrice',
                'requestBody' => ['required' => true, 'content' => $json('PriceTrial')],
                'responses' => [
                    '200' => ['description' => 'The sale, line by line', 'content' => $json('PriceTrialAnswer')],
                    '401' => ['description' => 'No token, or one that isn’t known', 'content' => $json('Refusal')],
                    '422' => [
                        'description' => 'Fields that can’t be read: a path and a sentence each',
                        'content' => $json('Refusal'),
                    ],
                    '429' => ['description' => 'Asked more than 1200 times in a minute', 'content' => $json('Refusal')],
                ],
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $o = Schema::object(...);
        $amount = $o(['amount' => self::DECIMAL, 'currency' => self::STRING]);
        $step = [
            'up_to' => self::DECIMAL,
            'factor' => self::DECIMAL,
            'add' => ['type' => 'string'],
            'margin' => self::DECIMAL,
            'keep' => self::DECIMAL,
        ];
        $ending = [
            'oneOf' => [
                ['type' => 'null'],
                $o(
                    ['part' => self::DECIMAL, 'every' => self::DECIMAL, 'direction' => ['enum' => ['up', 'nearest']]],
                    ['part'],
                ),
            ],
        ];
        $floor = [
            'oneOf' => [
                ['type' => 'null'],
                $o(['margin' => self::DECIMAL], ['margin']),
                $o(['keep' => self::DECIMAL], ['keep']),
            ],
        ];
        $recipe = $o(
            [
                'basis' => ['enum' => ['goods', 'landed']],
                'steps' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 20, 'items' => $o($step, [])],
                'ending' => $ending,
                'floor' => $floor,
                'cap' => ['type' => ['string', 'null'], 'description' => '"rrp" or an amount'],
            ],
            ['steps'],
        );
        $lines = array_fill_keys(
            ['goods', 'delivery', 'duty', 'handling', 'tax', 'payment_fee', 'platform_fee', 'returns', 'advertising'],
            self::STRING,
        );
        $list = ['type' => 'array', 'items' => self::STRING];

        return [
            'PriceTrial' => $o(
                [
                    'currency' => self::STRING,
                    'quantity' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000, 'default' => 1],
                    'sale' => $o(
                        [
                            'tax_rate' => self::DECIMAL,
                            'tax_included' => ['type' => 'boolean', 'default' => true],
                            'delivery_charged' => self::DECIMAL,
                        ],
                        ['tax_rate'],
                    ),
                    'cost' => $o(
                        [
                            'goods' => $amount,
                            'delivery_first' => $amount,
                            'delivery_next' => $amount,
                            'duty_rate' => self::DECIMAL,
                            'duty_on' => ['enum' => ['goods', 'goods_and_delivery']],
                            'handling' => $amount,
                        ],
                        ['goods', 'delivery_first'],
                    ),
                    'rates' => [
                        'type' => 'object',
                        'description' => 'what one unit of each other currency costs',
                        'additionalProperties' => self::DECIMAL,
                    ],
                    'cushion' => self::DECIMAL,
                    'fees' => $o(
                        [
                            'payment_rate' => self::DECIMAL,
                            'payment_fixed' => self::DECIMAL,
                            'platform_rate' => self::DECIMAL,
                            'returns_rate' => self::DECIMAL,
                            'advertising' => self::DECIMAL,
                        ],
                        [],
                    ),
                    'rrp' => self::DECIMAL,
                    'recipe' => $recipe,
                    'price' => self::DECIMAL,
                ],
                ['currency', 'sale', 'cost'],
            ),
            'PriceTrialAnswer' => $o([
                'currency' => self::STRING,
                'quantity' => ['type' => 'integer'],
                'price' => self::STRING,
                'lines' => $o($lines),
                'landed' => self::STRING,
                'receipts' => self::STRING,
                'keep' => self::STRING,
                'margin' => Schema::AMOUNT,
                'markup' => Schema::AMOUNT,
                'break_even_price' => Schema::AMOUNT,
                'break_even_advertising' => Schema::AMOUNT,
                'return_on_advertising' => Schema::AMOUNT,
                'reasons' => $list,
                'warnings' => $list,
            ]),
        ];
    }
}
