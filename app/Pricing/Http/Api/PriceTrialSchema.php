<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Pricing\Recipe\Basis;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Recipe\Toward;
use WindowStall\Core\Pricing\Sale\PriceQuestion;
use WindowStall\Support\Api\Schema;

/** The part of the API's description that asks what a sale would come to. */
final class PriceTrialSchema
{
    private const STRING = ['type' => 'string'];

    /** {@see Fields::amount()}; how many decimals depends on the currency. */
    private const AMOUNT = ['type' => 'string', 'pattern' => '^\d{1,15}(\.\d+)?$'];

    /** {@see Fields::amount()} where less is added than nothing. */
    private const ADDED = ['type' => 'string', 'pattern' => '^-?\d{1,15}(\.\d+)?$'];

    /** {@see Fields::rate()}: a share of the whole. */
    private const RATE = [
        'type' => 'string',
        'pattern' => '^(0{1,3}(\.\d{1,6}0*)?|0{0,2}1(\.0+)?)$',
        'description' => 'from "0" to "1": 0.2 is 20%',
    ];

    /** {@see Fields::factor()}. */
    private const FACTOR = ['type' => 'string', 'pattern' => '^(?!0+(\.0*)?$)\d{1,4}(\.\d{1,6})?$'];

    /** {@see Fields::exchange()}. */
    private const EXCHANGE = ['type' => 'string', 'pattern' => '^(?!0+(\.0*)?$)\d{1,9}(\.\d{1,10})?$'];

    /** @return array<string, mixed> */
    public static function path(): array
    {
        return [
            'post' => [
                'summary' => 'What one sale comes to, from nothing but what is asked; nothing is stored',
                'operationId' => 'tryPrice',
                'requestBody' => ['required' => true, 'content' => Schema::json(Schema::named('PriceTrial'))],
                'responses' => Schema::answers('The sale, line by line', Schema::named('PriceTrialAnswer')),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        return [
            'PriceTrial' => self::trial(),
            'Recipe' => self::recipe(),
            'PriceTrialAnswer' => self::answer(),
        ];
    }

    /** @return array<string, mixed> {@see PriceQuestion::read()} */
    private static function trial(): array
    {
        $o = Schema::object(...);
        $maybe = Schema::orNull(...);
        $amount = $o(['amount' => self::AMOUNT, 'currency' => Schema::CURRENCY]);

        return [
            ...$o(
                [
                    'currency' => Schema::CURRENCY,
                    'quantity' => [
                        'type' => ['integer', 'null'],
                        'minimum' => 1,
                        'maximum' => PriceQuestion::MOST_PIECES,
                        'default' => 1,
                    ],
                    'sale' => $o(
                        [
                            'tax_rate' => self::RATE,
                            'tax_included' => ['type' => ['boolean', 'null'], 'default' => true],
                            'delivery_charged' => $maybe(self::AMOUNT),
                        ],
                        ['tax_rate'],
                    ),
                    'cost' => $o(
                        [
                            'goods' => $amount,
                            'delivery_first' => $amount,
                            'delivery_next' => $maybe($amount),
                            'duty_rate' => $maybe(self::RATE),
                            'duty_on' => ['enum' => [...array_column(DutyBase::cases(), 'value'), null]],
                            'handling' => $maybe($amount),
                        ],
                        ['goods', 'delivery_first'],
                    ),
                    'rates' => [
                        'type' => ['object', 'null'],
                        'description' => 'what one unit of each other currency costs',
                        'propertyNames' => ['pattern' => Schema::CURRENCY['pattern']],
                        'additionalProperties' => self::EXCHANGE,
                        'maxProperties' => PriceQuestion::MOST_RATES,
                    ],
                    'cushion' => $maybe(self::RATE),
                    'fees' => $maybe(
                        $o(
                            [
                                'payment_rate' => $maybe(self::RATE),
                                'payment_fixed' => $maybe(self::AMOUNT),
                                'platform_rate' => $maybe(self::RATE),
                                'returns_rate' => $maybe(self::RATE),
                                'advertising' => $maybe(self::AMOUNT),
                            ],
                            [],
                        ),
                    ),
                    'rrp' => $maybe(self::AMOUNT),
                    'recipe' => $maybe(Schema::named('Recipe')),
                    'price' => $maybe(self::AMOUNT),
                ],
                ['currency', 'sale', 'cost'],
            ),
            'description' => 'with either "recipe" or "price"',
            'oneOf' => [
                self::given('recipe', ['type' => 'object']),
                self::given('price', ['type' => 'string']),
            ],
        ];
    }

    /** @return array<string, mixed> {@see RecipeNotation::read()} */
    private static function recipe(): array
    {
        $o = Schema::object(...);
        $maybe = Schema::orNull(...);
        $methods = [
            'factor' => self::FACTOR,
            'add' => self::ADDED,
            'margin' => self::RATE,
            'keep' => self::AMOUNT,
        ];
        $step = [
            ...$o(['up_to' => $maybe(self::AMOUNT), ...array_map($maybe, $methods)], []),
            'description' => 'one of '.implode(', ', array_keys($methods)),
            'oneOf' => array_map(self::given(...), array_keys($methods), array_values($methods)),
        ];
        $ending = $o(
            [
                'part' => $maybe(self::AMOUNT),
                'every' => $maybe(self::AMOUNT),
                'direction' => ['enum' => [...array_column(Toward::cases(), 'value'), null]],
            ],
            [],
        );
        $floor = [
            ...$o(['margin' => $maybe(self::RATE), 'keep' => $maybe(self::AMOUNT)], []),
            'oneOf' => [self::given('margin', self::RATE), self::given('keep', self::AMOUNT)],
        ];

        return $o(
            [
                'basis' => ['enum' => [...array_column(Basis::cases(), 'value'), null]],
                'steps' => [
                    'type' => 'array',
                    'minItems' => 1,
                    'maxItems' => RecipeNotation::MOST_STEPS,
                    'items' => $step,
                ],
                'ending' => $maybe($ending),
                'floor' => $maybe($floor),
                'cap' => ['oneOf' => [['type' => 'null'], ['const' => 'rrp'], self::AMOUNT]],
            ],
            ['steps'],
        );
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed> a field that is given, and isn't null
     */
    private static function given(string $field, array $schema): array
    {
        return Schema::object([$field => $schema]);
    }

    /** @return array<string, mixed> {@see PriceQuestion::answer()} */
    private static function answer(): array
    {
        $o = Schema::object(...);
        $list = ['type' => 'array', 'items' => self::STRING];
        $lines = array_fill_keys(
            ['goods', 'delivery', 'duty', 'handling', 'tax', 'payment_fee', 'platform_fee', 'returns', 'advertising'],
            self::STRING,
        );

        return $o([
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
        ]);
    }
}
