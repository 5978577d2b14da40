<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http\Api;

use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Delivery\Quote\StopKind;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\RuleBy;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Offers\CodesAtTill;
use WindowStall\Support\Api\Schema;

/** How the API speaks of places, ways and quotes. */
final class DeliverySchema
{
    private const TEXT = ['type' => 'string'];

    private const NUMBER = ['type' => 'integer'];

    private const DECIMAL = ['type' => 'string', 'pattern' => '^-?\\d+(\\.\\d+)?$'];

    private const DAY = ['type' => 'string', 'format' => 'date'];

    /** @return array<string, mixed> */
    public static function places(): array
    {
        return [
            'get' => [
                'summary' => 'Where the stall sends, in its own order: the nearest place that has an address counts',
                'operationId' => 'listPlaces',
                'responses' => self::all(),
            ],
            'post' => [
                'summary' => 'Makes a place; a token that may decide',
                'operationId' => 'makePlace',
                'requestBody' => self::body(),
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function place(): array
    {
        $parameters = [['name' => 'place', 'in' => 'path', 'required' => true, 'schema' => self::NUMBER]];

        return [
            'put' => [
                'summary' => 'Says a place anew, as a whole; a token that may decide',
                'operationId' => 'sayPlace',
                'parameters' => $parameters,
                'requestBody' => self::body(),
                'responses' => self::all(),
            ],
            'delete' => [
                'summary' => 'Takes a place out; the home country’s stays',
                'operationId' => 'removePlace',
                'parameters' => $parameters,
                'responses' => self::all(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function quotes(): array
    {
        $line = Schema::object([
            'variant' => ['type' => 'integer', 'minimum' => 1, 'description' => 'of a listing in the window'],
            'quantity' => ['type' => 'integer', 'minimum' => 1, 'maximum' => BasketLine::MOST_PIECES],
        ]);
        $to = Schema::object([
            'country' => self::TEXT + ['description' => 'ISO 3166-1'],
            'part' => self::TEXT + ['description' => 'ISO 3166-2, where addresses name one'],
            'postcode' => self::TEXT,
        ], ['country']);

        return [
            'post' => [
                'summary' => 'By which ways goods can go to an address, what is paid and kept, and when they come',
                'operationId' => 'quote',
                'requestBody' => ['required' => true, 'content' => Schema::json(Schema::object([
                    'lines' => [
                        'type' => 'array',
                        'items' => $line,
                        'minItems' => 1,
                        'maxItems' => QuotesController::MOST_LINES,
                    ],
                    'to' => $to,
                    'at' => ['type' => 'string', 'format' => 'date-time', 'description' => 'when it is paid; now, if left out'],
                    'codes' => ['type' => 'array', 'items' => self::TEXT, 'maxItems' => CodesAtTill::MOST],
                ], ['lines', 'to']))],
                'responses' => Schema::answers('The ways', Schema::named('Quote')),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        return [
            'PlaceSaid' => Schema::object(self::written(), ['covers']),
            'Place' => Schema::object(['id' => self::NUMBER, 'said' => self::TEXT] + self::written()),
            'Quote' => Schema::object([
                'currency' => self::TEXT,
                'place' => Schema::orNull(Schema::object(['id' => self::NUMBER, 'name' => self::TEXT])),
                'goes' => ['type' => 'boolean', 'description' => 'whether all of it can'],
                'stops' => ['type' => 'array', 'items' => Schema::object([
                    'line' => ['type' => ['integer', 'null'], 'description' => 'from nought; null for all'],
                    'why' => ['enum' => array_column(StopKind::cases(), 'value')],
                ])],
                'lines' => ['type' => 'array', 'items' => self::NUMBER, 'description' => 'those that the ways are for'],
                'ways' => ['type' => 'array', 'items' => Schema::named('QuotedWay')],
                'reasons' => ['type' => 'array', 'items' => self::TEXT],
                'codes' => ['type' => 'array', 'items' => Schema::object([
                    'code' => self::TEXT + ['description' => '"" where it counts by itself'],
                    'off' => self::DECIMAL,
                    'words' => self::TEXT,
                ])],
                'refused' => ['type' => 'array', 'items' => Schema::object(['code' => self::TEXT, 'why' => self::TEXT])],
                'discounts' => [
                    'type' => 'array',
                    'items' => self::DECIMAL,
                    'description' => 'what codes took off each line, in the currency that is paid',
                ],
            ]),
            'QuotedWay' => Schema::object([
                'name' => self::TEXT,
                'charge' => self::DECIMAL,
                'cost' => self::DECIMAL,
                'from' => self::DAY,
                'to' => self::DAY,
                'parcels' => ['type' => 'array', 'items' => Schema::object([
                    'lines' => ['type' => 'array', 'items' => self::NUMBER],
                    'supplier' => self::TEXT,
                    'warehouse' => self::TEXT,
                    'method' => self::TEXT,
                    'cost' => self::DECIMAL,
                    'grams' => ['type' => ['integer', 'null']],
                    'from' => self::DAY,
                    'to' => self::DAY,
                ])],
                'paid' => Schema::object([
                    'currency' => self::TEXT + ['description' => 'of the market it goes to'],
                    'goods' => self::DECIMAL,
                    'charge' => self::DECIMAL,
                    'tax' => self::DECIMAL,
                    'total' => self::DECIMAL,
                    'taxes' => ['type' => 'array', 'items' => Schema::object([
                        'rate' => self::DECIMAL,
                        'asked' => self::DECIMAL,
                        'tax' => self::DECIMAL,
                    ])],
                ]),
                'goods' => Schema::orNull(self::DECIMAL),
                'tax' => Schema::orNull(self::DECIMAL),
                'total' => Schema::orNull(self::DECIMAL),
                'keep' => Schema::orNull(self::DECIMAL),
                'reasons' => ['type' => 'array', 'items' => self::TEXT],
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function written(): array
    {
        $orNull = ['type' => ['string', 'null']];

        return [
            'name' => self::TEXT,
            'covers' => ['type' => 'array', 'minItems' => 1, 'maxItems' => PlaceNotation::MOST_COVERS, 'items' => Schema::object([
                'country' => self::TEXT,
                'parts' => ['type' => 'array', 'items' => self::TEXT],
                'postcodes' => self::TEXT + ['description' => '"IV*, PH17–50", "all but 97xxx"; "" for all'],
            ], ['country'])],
            'ways' => ['type' => 'array', 'maxItems' => PlaceNotation::MOST_WAYS, 'items' => Schema::object([
                'name' => self::TEXT,
                'charge' => [
                    'type' => 'object',
                    'description' => '{by: "flat", amount} | {by: "piece", first, further} | '.
                        '{by: "weight" | "value", bands: [{up_to, amount}], beyond} | {by: "cost", times, plus, ending}',
                ],
                'across' => ['enum' => array_column(SplitCharge::cases(), 'value')],
                'free_over' => $orNull,
                'prefers' => ['enum' => array_column(MethodPreference::cases(), 'value')],
                'under' => $orNull,
            ], ['charge'])],
            'rules' => ['type' => 'array', 'maxItems' => PlaceNotation::MOST_RULES, 'items' => Schema::object([
                'by' => ['enum' => array_column(RuleBy::cases(), 'value')],
                'value' => self::TEXT,
                'more' => $orNull,
            ], ['by', 'value'])],
        ];
    }

    /** @return array<string, mixed> */
    private static function body(): array
    {
        return ['required' => true, 'content' => Schema::json(Schema::named('PlaceSaid'))];
    }

    /** @return array<array-key, mixed> */
    private static function all(): array
    {
        $places = ['type' => 'array', 'items' => Schema::named('Place')];

        return Schema::answers('All places', Schema::object(['data' => $places]), 403, 404);
    }
}
