<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Api;

use WindowStall\Hooks\HookEvent;
use WindowStall\Support\Api\Schema;

/** What programs are sent, as OpenAPI 3.1 has webhooks. Signed by https://www.standardwebhooks.com. */
final class HookSchema
{
    private const HEADERS = [
        'webhook-id' => 'the same each time a message is sent',
        'webhook-timestamp' => 'seconds since 1970',
        'webhook-signature' => '"v1," and base64 of HMAC-SHA-256 over id.timestamp.body',
    ];

    /** @return array<string, mixed> */
    public static function webhooks(): array
    {
        $hooks = [];
        foreach (HookEvent::cases() as $event) {
            $name = self::name($event);
            $hooks[$event->value] = ['post' => [
                'summary' => 'When '.$event->words(),
                'operationId' => 'told'.$name,
                'parameters' => array_map(static fn (string $header, string $about): array => [
                    'name' => $header, 'in' => 'header', 'description' => $about, 'schema' => ['type' => 'string'],
                ], array_keys(self::HEADERS), array_values(self::HEADERS)),
                'requestBody' => ['content' => ['application/json' => ['schema' => Schema::object([
                    'type' => ['const' => $event->value],
                    'timestamp' => ['type' => 'string', 'format' => 'date-time'],
                    'data' => ['$ref' => '#/components/schemas/Told'.$name],
                ])]]],
                'responses' => [
                    '2XX' => ['description' => 'It arrived; anything else is sent again, seven times in 21 hours'],
                ],
            ]];
        }

        return $hooks;
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $text = ['type' => 'string'];
        $number = ['type' => 'integer'];

        return [
            'Told'.self::name(HookEvent::Changes) => Schema::object([
                'supplier' => $text,
                'run' => ['type' => ['integer', 'null']],
                'after' => $number + ['description' => 'ask /drift with it for what is new'],
                'followed' => $number,
                'asks' => $number,
                'kept' => $number,
            ]),
            'Told'.self::name(HookEvent::SetAside) => Schema::object([
                'supplier' => $text,
                'run' => $number,
                'why' => ['type' => 'array', 'items' => $text],
            ]),
            'Told'.self::name(HookEvent::Paid) => Schema::object([
                'number' => $number,
                'total' => Schema::AMOUNT,
                'currency' => $text,
            ]),
            'Told'.self::name(HookEvent::Posted) => self::parcel(),
            'Told'.self::name(HookEvent::There) => self::parcel(),
            'Told'.self::name(HookEvent::Refunded) => Schema::object([
                'number' => $number,
                'back' => Schema::AMOUNT,
                'tax' => Schema::AMOUNT,
                'currency' => $text,
                'whole' => ['type' => 'boolean'],
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function parcel(): array
    {
        $textOrNull = ['type' => ['string', 'null']];

        return Schema::object([
            'number' => ['type' => 'integer'],
            'parcel' => ['type' => 'integer'],
            'carrier' => ['type' => 'string'],
            'tracking' => $textOrNull,
            'posted_at' => ['type' => 'string', 'format' => 'date-time'],
            'promised_to' => $textOrNull,
            'there_at' => $textOrNull,
        ]);
    }

    private static function name(HookEvent $event): string
    {
        return str_replace([' ', '.', '_'], '', ucwords($event->value, '._'));
    }
}
