<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http\Api;

use WindowStall\Support\Api\Schema;

/** How the API speaks of what suppliers changed. */
final class DriftSchema
{
    /** @return array<string, mixed> */
    public static function history(): array
    {
        return [
            'get' => [
                'summary' => 'What was said of a listing by whom and when, and at what price shoppers saw it; newest '.
                    'first',
                'operationId' => 'listingHistory',
                'parameters' => [
                    ['name' => 'listing', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']],
                ],
                'responses' => [
                    '200' => self::answer([
                        'type' => 'object',
                        'required' => ['data'],
                        'properties' => [
                            'data' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/Moment']],
                        ],
                    ]),
                    '401' => [
                        'description' => 'No such token',
                        'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]],
                    ],
                    '404' => [
                        'description' => 'No such listing',
                        'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]],
                    ],
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function decisions(): array
    {
        $refusal = static fn (string $why): array => [
            'description' => $why,
            'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Refusal']]],
        ];

        return [
            'post' => [
                'summary' => 'Lets changes that wait count, or keeps what was agreed; one step, which people can '.
                    'take back',
                'operationId' => 'decideChanges',
                'requestBody' => [
                    'required' => true,
                    'content' => [
                        'application/json' => [
                            'schema' => Schema::object(
                                [
                                    'changes' => [
                                        'type' => 'array',
                                        'items' => ['type' => 'integer'],
                                        'minItems' => 1,
                                        'maxItems' => 1000,
                                    ],
                                    'agree' => ['type' => 'boolean'],
                                    'for' => [
                                        'enum' => ['once', 'listing', 'supplier'],
                                        'default' => 'once',
                                        'description' => 'whether the same is done by itself from now on',
                                    ],
                                ],
                                ['changes', 'agree'],
                            ),
                        ],
                    ],
                ],
                'responses' => [
                    '200' => self::answer(
                        Schema::object([
                            'step' => ['type' => 'integer'],
                            'words' => ['type' => 'string'],
                            'decided' => ['type' => 'array', 'items' => ['type' => 'integer']],
                        ]),
                    ),
                    '401' => $refusal('No such token'),
                    '403' => $refusal('A token that may read only'),
                    '422' => $refusal('Nothing of it waits any more, or it can’t be read'),
                ],
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $text = ['type' => 'string'];
        $moment = ['type' => 'string', 'format' => 'date-time'];

        return [
            'Change' => [
                'type' => 'object',
                'properties' => [
                    'id' => ['type' => 'integer'],
                    'listing' => ['type' => 'integer'],
                    'supplier' => ['type' => ['string', 'null']],
                    'kind' => $text,
                    'variant' => ['type' => 'string', 'description' => 'the supplier’s id, or empty for the item'],
                    'before' => $text,
                    'after' => $text,
                    'standing' => ['type' => 'string', 'enum' => ['asks', 'followed', 'kept', 'agreed', 'settled']],
                    'rule' => $text,
                    'price_was' => Schema::AMOUNT,
                    'price_agreed' => Schema::AMOUNT,
                    'keep_was' => Schema::AMOUNT,
                    'keep_kept' => Schema::AMOUNT,
                    'keep_agreed' => Schema::AMOUNT,
                    'under_floor' => ['type' => 'boolean'],
                    'at' => $moment,
                ],
            ],
            'Moment' => [
                'type' => 'object',
                'properties' => [
                    'at' => $moment,
                    'voice' => ['type' => 'string', 'enum' => ['supplier', 'you', 'shopper']],
                    'who' => $text,
                    'about' => $text,
                    'before' => $text,
                    'after' => $text,
                    'came' => $text,
                ],
            ],
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
