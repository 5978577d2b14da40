<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http\Api;

use WindowStall\Core\Landing\DutyBase;
use WindowStall\Support\Api\Schema;
use WindowStall\Support\Speech\Speech;

/** How the API speaks of markets. */
final class MarketSchema
{
    private const SHARE = ['type' => 'string', 'pattern' => '^\\d+(\\.\\d+)?$', 'description' => '"0.23" is 23%'];

    /** @return array<string, mixed> */
    public static function markets(): array
    {
        return [
            'get' => [
                'summary' => 'The countries that are sold to, and what sales there bear; the home market first',
                'operationId' => 'listMarkets',
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function market(): array
    {
        return [
            'put' => [
                'summary' => 'Says what sales to a market bear, as a whole; prices follow. A token that may decide',
                'operationId' => 'sayMarket',
                'parameters' => [
                    ['name' => 'market', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'string', 'pattern' => '^[A-Z]{2}$']],
                ],
                'requestBody' => [
                    'required' => true,
                    'content' => Schema::json(Schema::object(self::written(), [])),
                ],
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $said = ['market' => ['type' => 'string'], 'home' => ['type' => 'boolean']];

        return ['Market' => Schema::object($said + self::written())];
    }

    /** @return array<string, mixed> */
    private static function written(): array
    {
        return [
            'prices' => ['enum' => MarketsController::PRICES],
            'currency' => ['type' => 'string'],
            'ending' => ['type' => ['string', 'null'], 'description' => 'what converted prices end in, such as "0.95"'],
            'duty' => self::SHARE,
            'duty_on' => ['enum' => array_column(DutyBase::cases(), 'value')],
            'tax' => self::SHARE,
            'tax_included' => ['type' => 'boolean'],
            'languages' => [
                'type' => 'array',
                'items' => ['enum' => array_keys(Speech::LANGUAGES)],
                'description' => 'that its shop speaks there, the one first that its pages have by themselves',
            ],
        ];
    }

    /** @return array<array-key, mixed> */
    private static function all(): array
    {
        $markets = ['type' => 'array', 'items' => Schema::named('Market')];

        return Schema::answers('All markets', Schema::object(['data' => $markets]), 403, 404);
    }
}
