<?php

declare(strict_types=1);

namespace WindowStall\Support\Api;

/** How the API speaks of what suppliers changed. */
final class DriftSchema
{
    /** @return array<string, mixed> */
    public static function history(): array
    {
        return ['get' => [
            'summary' => 'What was said of a listing by whom and when, and at what price shoppers saw it; newest first',
            'operationId' => 'listingHistory',
            'parameters' => [['name' => 'listing', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']]],
            'responses' => [
                '200' => self::answer(['type' => 'object', 'required' => ['data'], 'properties' => [
                    'data' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/Moment']],
                ]]),
                '401' => ['description' => 'No such token', 'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]]],
                '404' => ['description' => 'No such listing', 'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]]],
            ],
        ]];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $text = ['type' => 'string'];
        $moment = ['type' => 'string', 'format' => 'date-time'];

        return [
            'Change' => ['type' => 'object', 'properties' => [
                'id' => ['type' => 'integer'],
                'listing' => ['type' => 'integer'],
                'supplier' => ['type' => ['string', 'null']],
                'kind' => $text,
                'variant' => ['type' => 'string', 'description' => 'the supplier’s id, or empty for the item'],
                'before' => $text,
                'after' => $text,
                'standing' => ['type' => 'string', 'enum' => ['asks', 'followed', 'kept', 'agreed', 'settled']],
                'rule' => $text,
                'price_was' => OpenApi::AMOUNT,
                'price_agreed' => OpenApi::AMOUNT,
                'keep_was' => OpenApi::AMOUNT,
                'keep_kept' => OpenApi::AMOUNT,
                'keep_agreed' => OpenApi::AMOUNT,
                'under_floor' => ['type' => 'boolean'],
                'at' => $moment,
            ]],
            'Moment' => ['type' => 'object', 'properties' => [
                'at' => $moment,
                'voice' => ['type' => 'string', 'enum' => ['supplier', 'you', 'shopper']],
                'who' => $text,
                'about' => $text,
                'before' => $text,
                'after' => $text,
                'came' => $text,
            ]],
        ];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function answer(array $schema): array
    {
        return ['description' => 'What was asked for', 'content' => ['application/json' => ['schema' => $schema]]];
    }
}
