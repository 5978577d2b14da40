<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http\Api;

use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\Deciding\Decide;
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
                'responses' => Schema::answers(
                    'Moments',
                    Schema::object(['data' => ['type' => 'array', 'items' => Schema::named('Moment')]]),
                    404,
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function decisions(): array
    {
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
                                        'items' => ['type' => 'integer', 'minimum' => 1],
                                        'minItems' => 1,
                                        'maxItems' => Decide::MOST,
                                    ],
                                    'agree' => ['type' => 'boolean'],
                                    'for' => [
                                        'enum' => DriftController::FOR,
                                        'default' => 'once',
                                        'description' => 'whether the same is done by itself from now on',
                                    ],
                                ],
                                ['changes', 'agree'],
                            ),
                        ],
                    ],
                ],
                'responses' => Schema::answers(
                    'What was done',
                    Schema::object([
                        'step' => ['type' => 'integer'],
                        'words' => ['type' => 'string'],
                        'decided' => ['type' => 'array', 'items' => ['type' => 'integer']],
                    ]),
                    403,
                ),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $text = ['type' => 'string'];
        $moment = ['type' => 'string', 'format' => 'date-time'];

        return [
            'Change' => Schema::object([
                'id' => ['type' => 'integer'],
                'listing' => ['type' => 'integer'],
                'supplier' => ['type' => ['string', 'null']],
                'kind' => $text,
                'variant' => ['type' => 'string', 'description' => 'the supplier’s id, or empty for the item'],
                'before' => $text,
                'after' => $text,
                'standing' => ['type' => 'string', 'enum' => array_column(Standing::cases(), 'value')],
                'rule' => $text,
                'price_was' => Schema::AMOUNT,
                'price_agreed' => Schema::AMOUNT,
                'keep_was' => Schema::AMOUNT,
                'keep_kept' => Schema::AMOUNT,
                'keep_agreed' => Schema::AMOUNT,
                'under_floor' => ['type' => 'boolean'],
                'at' => $moment,
            ]),
            'Moment' => Schema::object([
                'at' => $moment,
                'voice' => ['type' => 'string', 'enum' => ['supplier', 'you', 'shopper']],
                'who' => $text,
                'about' => $text,
                'before' => $text,
                'after' => $text,
                'came' => $text,
            ]),
        ];
    }
}
