<?php

declare(strict_types=1);

namespace WindowStall\Offers\Http\Api;

use WindowStall\Offers\Code;
use WindowStall\Support\Api\Schema;

/** How the API speaks of codes. */
final class CodeSchema
{
    /** @return array<string, mixed> */
    public static function make(): array
    {
        return [
            'summary' => 'Makes a code; a token that may decide',
            'operationId' => 'makeCode',
            'requestBody' => self::body(),
            'responses' => Schema::answers('The code', Schema::named('Code'), 403),
        ];
    }

    /** @return array<string, mixed> */
    public static function code(): array
    {
        return [
            'put' => [
                'summary' => 'Says a code anew, as a whole; a token that may decide. Ended, it has an end that is past',
                'operationId' => 'sayCode',
                'parameters' => [['name' => 'code', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']]],
                'requestBody' => self::body(),
                'responses' => Schema::answers('The code', Schema::named('Code'), 403, 404),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        return [
            'CodeSaid' => Schema::object(self::written(), ['off']),
            'Code' => Schema::object(['id' => ['type' => 'integer']] + self::written() + [
                'runs' => ['type' => 'boolean'],
                'uses' => ['type' => 'integer', 'description' => 'orders that are paid or being paid'],
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function written(): array
    {
        $flag = ['type' => 'boolean'];
        $whole = ['type' => ['integer', 'null'], 'minimum' => 1];
        $moment = ['type' => 'string', 'description' => 'by the stall’s clock, such as 2026-12-31T23:59; "" for none'];

        return [
            'code' => ['type' => 'string', 'description' => '"" where it counts by itself, or is one of single codes'],
            'singles' => $flag,
            'off' => [
                'type' => 'object',
                'description' => '{by: "percent", share} | {by: "amount", amount} | {by: "pieces", of, paid} | '.
                    '{by: "gift", goods} | {by: "delivery"}',
            ],
            'holds' => [
                'type' => 'object',
                'properties' => [
                    'by' => ['enum' => Code::KINDS],
                    'values' => ['type' => 'array', 'description' => 'tags, or numbers of shelves or listings'],
                ],
            ],
            'countries' => ['type' => 'array', 'items' => ['type' => 'string']],
            'starts' => $moment,
            'ends' => $moment,
            'most_uses' => $whole,
            'most_each' => $whole,
            'least' => ['type' => ['string', 'null'], 'description' => 'what the goods it holds for come to at least'],
            'first_only' => $flag,
            'together' => $flag,
            'under_floor' => $flag,
        ];
    }

    /** @return array<string, mixed> */
    private static function body(): array
    {
        return ['required' => true, 'content' => Schema::json(Schema::named('CodeSaid'))];
    }
}
