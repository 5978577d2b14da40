<?php

declare(strict_types=1);

namespace WindowStall\Frame\Api;

use Illuminate\Http\JsonResponse;
use WindowStall\Core\Drift\Standing;
use WindowStall\Counter\Http\Api\OrderSchema;
use WindowStall\Delivery\Http\Api\DeliverySchema;
use WindowStall\Drift\Http\Api\DriftSchema;
use WindowStall\Hooks\Api\HookSchema;
use WindowStall\Offers\Http\Api\CodeSchema;
use WindowStall\Pricing\Http\Api\MarketSchema;
use WindowStall\Pricing\Http\Api\PriceTrialSchema;
use WindowStall\Pricing\Http\Api\TaxRateSchema;
use WindowStall\Print\Http\Api\PrintSchema;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Support\Api\Page;
use WindowStall\Support\Api\Refusals;
use WindowStall\Support\Api\Schema;

/**
 * The API described as OpenAPI 3.1 (https://spec.openapis.org/oas/v3.1.0), for programs and people that read a stall.
 */
final class OpenApi
{
    private const TEXT = ['type' => ['string', 'null']];

    private const ID = ['type' => 'integer'];

    public function __invoke(): JsonResponse
    {
        return new JsonResponse(
            self::document(),
            200,
            [],
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT,
        );
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Window Stall',
                'version' => '1',
                'description' => 'Reads a stall: its listings and prices, what its suppliers offer, and the long '.
                    'work done for it; and works out what a sale comes to and how goods would be sent. Lists are '.
                    'paged by key: ask on with after '.
                    '= next until next is null. A token may ask '.Refusals::IN_A_MINUTE.' times in a minute.',
            ],
            'servers' => [
                [
                    'url' => config('stall.scheme').
                        '://'.
                        config('stall.workshop_host').
                        config('stall.port_suffix').
                        '/api/v1',
                ],
            ],
            'security' => [['token' => []]],
            'paths' => [
                '/listings' => self::list(
                    'Listing',
                    'Listings as shoppers see them, with what each variant costs and keeps',
                ),
                '/items' => self::list('Item', 'What the stall’s suppliers offer, with landed costs by market'),
                '/runs' => self::list('Run', 'Long work, such as pulls of a supplier’s catalogue'),
                '/prices' => self::list(
                    'Price',
                    'What each variant is sold for in a market, what that costs and keeps',
                    [
                        [
                            'name' => 'market',
                            'in' => 'query',
                            'description' => 'ISO 3166 country; the home market when it is left out',
                            'schema' => ['type' => 'string'],
                        ],
                    ],
                ),
                '/places' => DeliverySchema::places(),
                '/places/{place}' => DeliverySchema::place(),
                '/markets' => MarketSchema::markets(),
                '/markets/{market}' => MarketSchema::market(),
                '/tax-rates' => TaxRateSchema::rates(),
                '/tax-rates/{taxRate}' => TaxRateSchema::rate(),
                '/codes' => self::list('Code', 'Codes and offers at the till') + ['post' => CodeSchema::make()],
                '/codes/{code}' => CodeSchema::code(),
                '/orders' => self::list('Order', 'Orders, with what each kept'),
                '/orders/{order}' => OrderSchema::order(),
                '/orders/{order}/parcels' => OrderSchema::post(),
                '/parcels' => self::list('Parcel', 'Parcels, and where each is'),
                '/refunds' => self::list('Refund', 'Money that went back, or is on its way'),
                '/people' => self::list('Person', 'Who bought, made from paid orders'),
                '/quotes' => DeliverySchema::quotes(),
                '/price-trials' => PriceTrialSchema::path(),
                '/print/artworks' => self::list('Artwork', 'Artworks, and what was read of each') + PrintSchema::artworks(),
                '/print/artworks/{artwork}' => PrintSchema::artwork(),
                '/print/placings' => self::list('Placing', 'Artwork laid on blanks') + PrintSchema::placings(),
                '/print/placings/{placing}' => PrintSchema::placing(),
                '/print/placings/{placing}/goods' => PrintSchema::goods(),
                '/print/findings' => PrintSchema::findings(),
                '/print/files' => self::list('PrintFile', 'Files that were made to print from'),
                '/print/files/{file}' => PrintSchema::file(),
                '/drift' => self::list(
                    'Change',
                    'What suppliers changed: what waits for a person, or what stands otherwise',
                    [
                        [
                            'name' => 'standing',
                            'in' => 'query',
                            'schema' => [
                                'type' => 'string',
                                'enum' => array_column(Standing::cases(), 'value'),
                                'default' => Standing::Asks->value,
                            ],
                        ],
                    ],
                ),
                '/drift/decisions' => DriftSchema::decisions(),
                '/listings/{listing}/history' => DriftSchema::history(),
            ],
            'webhooks' => HookSchema::webhooks(),
            'components' => [
                'securitySchemes' => [
                    'token' => [
                        'type' => 'http',
                        'scheme' => 'bearer',
                        'description' => 'A token belongs to one stall, and shows that stall only',
                    ],
                ],
                'schemas' => [
                    ...HookSchema::schemas(),
                    'Listing' => self::listing(),
                    'Item' => self::item(),
                    'Run' => self::run(),
                    'Price' => self::price(),
                    ...OrderSchema::schemas(),
                    ...DeliverySchema::schemas(),
                    ...CodeSchema::schemas(),
                    ...MarketSchema::schemas(),
                    ...TaxRateSchema::schemas(),
                    ...PriceTrialSchema::schemas(),
                    ...DriftSchema::schemas(),
                    ...PrintSchema::schemas(),
                    'Refusal' => Refusals::schema(),
                ],
                'responses' => Refusals::responses(),
            ],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $parameters  besides those of every list
     * @return array<string, mixed>
     */
    private static function list(string $schema, string $summary, array $parameters = []): array
    {
        return [
            'get' => [
                'summary' => $summary,
                'operationId' => 'list'.$schema.'s',
                'parameters' => [
                    [
                        'name' => 'after',
                        'in' => 'query',
                        'description' => 'the id of the last entry of the page before',
                        'schema' => ['type' => 'integer', 'minimum' => 0],
                    ],
                    [
                        'name' => 'limit',
                        'in' => 'query',
                        'schema' => ['type' => 'integer', 'minimum' => 1, 'maximum' => Page::MOST, 'default' => Page::USUAL],
                    ],
                    ...$parameters,
                ],
                'responses' => Schema::answers(
                    'A page',
                    Schema::object([
                        'data' => ['type' => 'array', 'items' => Schema::named($schema)],
                        'next' => ['type' => ['integer', 'null']],
                    ]),
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function listing(): array
    {
        return Schema::object([
            'id' => self::ID,
            'state' => ['enum' => ['on_bench', 'in_window', 'put_by']],
            'title' => ['type' => 'string'],
            'description' => ['type' => 'string', 'description' => 'HTML'],
            'type' => self::TEXT,
            'tags' => ['type' => 'array', 'items' => ['type' => 'string']],
            'maker' => self::TEXT,
            'supplier' => self::TEXT,
            'item' => self::TEXT,
            'url' => self::TEXT,
            'currency' => ['type' => 'string'],
            'variants' => [
                'type' => 'array',
                'items' => Schema::object([
                    'id' => self::ID,
                    'sku' => self::TEXT,
                    'barcode' => self::TEXT,
                    'options' => ['type' => 'object', 'additionalProperties' => ['type' => 'string']],
                    'on' => ['type' => 'boolean'],
                    'price' => Schema::AMOUNT,
                    'landed' => Schema::AMOUNT,
                    'keep' => Schema::AMOUNT,
                    'stock' => ['type' => 'integer'],
                ]),
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private static function item(): array
    {
        return Schema::object([
            'id' => self::ID,
            'supplier' => self::TEXT,
            'code' => ['type' => 'string'],
            'title' => ['type' => 'string'],
            'category' => ['type' => 'string'],
            'currency' => ['type' => 'string'],
            'cost' => Schema::AMOUNT,
            'stock' => ['type' => 'integer'],
            'rating' => ['type' => ['number', 'null']],
            'gone' => ['type' => 'boolean'],
            'variants' => [
                'type' => 'array',
                'items' => Schema::object([
                    'id' => self::ID,
                    'sku' => ['type' => 'string'],
                    'barcode' => self::TEXT,
                    'label' => ['type' => 'string'],
                    'cost' => Schema::AMOUNT,
                    'stock' => ['type' => 'integer'],
                    'landed' => Schema::AMOUNT,
                    'gone' => ['type' => 'boolean'],
                ]),
            ],
            'landings' => [
                'type' => 'array',
                'items' => Schema::object([
                    'market' => ['type' => 'string'],
                    'goods' => Schema::AMOUNT,
                    'delivery' => Schema::AMOUNT,
                    'landed' => Schema::AMOUNT,
                    'currency' => ['type' => 'string'],
                    'days' => ['type' => 'array', 'items' => ['type' => 'integer'], 'minItems' => 2, 'maxItems' => 2],
                    'from' => self::TEXT,
                ]),
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private static function price(): array
    {
        return Schema::object([
            'id' => self::ID + ['description' => 'of the variant'],
            'listing' => self::ID,
            'title' => ['type' => 'string'],
            'sku' => ['type' => 'string'],
            'on' => ['type' => 'boolean'],
            'market' => ['type' => 'string'],
            'price' => Schema::AMOUNT,
            'price_currency' => ['type' => 'string'],
            'was' => Schema::AMOUNT,
            'currency' => ['type' => 'string', 'description' => 'of everything else'],
            'goods' => Schema::AMOUNT,
            'delivery' => Schema::AMOUNT,
            'duty' => Schema::AMOUNT,
            'handling' => Schema::AMOUNT,
            'landed' => Schema::AMOUNT,
            'keep' => Schema::AMOUNT,
            'margin' => Schema::AMOUNT,
            'above_floor' => Schema::AMOUNT,
            'priced_by' => ['enum' => ['recipe', 'own', 'hand', 'together', 'conversion', null]],
            'recipe' => ['type' => ['integer', 'null']],
            'rate' => self::TEXT,
            'since' => self::TEXT,
        ]);
    }

    /** @return array<string, mixed> */
    private static function run(): array
    {
        return Schema::object([
            'id' => self::ID,
            'kind' => ['enum' => array_column(RunKind::cases(), 'value')],
            'supplier' => self::TEXT,
            'state' => ['enum' => array_column(RunState::cases(), 'value')],
            'done' => ['type' => 'integer'],
            'total' => ['type' => ['integer', 'null']],
            'counts' => ['type' => 'object', 'additionalProperties' => ['type' => 'integer']],
            'left_out' => ['type' => 'integer'],
            'notes' => ['type' => 'array', 'items' => ['type' => 'string']],
            'trouble' => self::TEXT,
            'started_at' => self::TEXT,
            'ended_at' => self::TEXT,
        ]);
    }
}
