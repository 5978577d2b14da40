<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http\Api;

use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Support\Api\Schema;

/** How the API speaks of orders, parcels, refunds and people. */
final class OrderSchema
{
    private const ID = ['type' => 'integer'];

    private const TEXT = ['type' => 'string'];

    private const TEXT_OR_NULL = ['type' => ['string', 'null']];

    private const MOMENT = ['type' => 'string', 'format' => 'date-time'];

    private const MOMENT_OR_NULL = ['type' => ['string', 'null'], 'format' => 'date-time'];

    private const ORDER = [['name' => 'order', 'in' => 'path', 'required' => true, 'schema' => self::ID]];

    /** @return array<string, mixed> */
    public static function order(): array
    {
        return ['get' => [
            'summary' => 'One order',
            'operationId' => 'order',
            'parameters' => self::ORDER,
            'responses' => Schema::answers('The order', Schema::named('Order'), 404),
        ]];
    }

    /** @return array<string, mixed> */
    public static function post(): array
    {
        return ['post' => [
            'summary' => 'A parcel that was posted: its shopper is told, and it is followed; a token that may decide. The same '.
                'tracking sent twice is one parcel',
            'operationId' => 'postParcel',
            'parameters' => self::ORDER,
            'requestBody' => ['required' => true, 'content' => Schema::json(Schema::named('ParcelSaid'))],
            'responses' => Schema::answers('The parcel', Schema::named('Parcel'), 403, 404),
        ]];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        return [
            'Order' => self::orderSchema(),
            'Parcel' => Schema::object([
                'id' => self::ID,
                'order' => self::ID,
                'number' => self::ID + ['description' => 'within the order'],
                'lines' => self::lines(),
                'carrier' => self::TEXT,
                'tracking' => self::TEXT_OR_NULL,
                'posted_at' => self::MOMENT,
                'promised_to' => self::TEXT_OR_NULL + ['description' => 'the last day its shopper was told, YYYY-MM-DD'],
                'stands' => ['enum' => [null, ...array_column(ParcelEventKind::cases(), 'value')], 'description' => 'what its carrier told last'],
                'there_at' => self::MOMENT_OR_NULL,
            ]),
            'ParcelSaid' => Schema::object(['carrier' => self::TEXT, 'tracking' => self::TEXT, 'lines' => self::lines()]),
            'Refund' => Schema::object([
                'id' => self::ID,
                'order' => self::ID,
                'total' => Schema::AMOUNT,
                'tax' => Schema::AMOUNT + ['title' => 'within it'],
                'currency' => Schema::CURRENCY,
                'bears' => ['enum' => array_column(Bearer::cases(), 'value')],
                'borne' => Schema::AMOUNT + ['title' => 'what the supplier or the carrier pays of it'],
                'borne_currency' => Schema::CURRENCY,
                'why' => self::TEXT,
                'asked_at' => self::MOMENT,
                'done_at' => self::MOMENT_OR_NULL,
            ]),
            'Person' => Schema::object([
                'id' => self::ID + ['description' => 'of their first order'],
                'email' => self::TEXT,
                'name' => self::TEXT,
                'orders' => self::ID,
                'spent' => Schema::AMOUNT + ['title' => 'less what went back, in the stall’s currency'],
                'first_at' => self::MOMENT,
                'last_at' => self::MOMENT,
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function orderSchema(): array
    {
        return Schema::object([
            'id' => self::ID,
            'number' => self::ID,
            'state' => ['enum' => array_column(OrderState::cases(), 'value')],
            'placed_at' => self::MOMENT,
            'paid_at' => self::MOMENT_OR_NULL,
            'held' => ['type' => 'boolean'],
            'disputed' => ['type' => 'boolean'],
            'email' => self::TEXT,
            'to' => ['type' => 'object', 'additionalProperties' => self::TEXT],
            'currency' => Schema::CURRENCY,
            ...array_fill_keys(['goods', 'discount', 'delivery', 'tax', 'total', 'back', 'kept'], Schema::AMOUNT),
            'kept_currency' => Schema::CURRENCY,
            'lines' => ['type' => 'array', 'items' => Schema::object([
                'id' => self::ID,
                'sku' => self::TEXT_OR_NULL,
                'name' => self::TEXT,
                'pieces' => self::ID,
                'withdrawn' => self::ID + ['description' => 'given back before they were sent'],
                'total' => Schema::AMOUNT,
                'supplier' => self::TEXT_OR_NULL,
            ])],
            'supplier_orders' => ['type' => 'array', 'items' => Schema::object([
                'id' => self::ID,
                'supplier' => self::TEXT_OR_NULL,
                'state' => ['enum' => array_column(SupplierOrderState::cases(), 'value')],
                'reference' => self::TEXT_OR_NULL,
                'refusal' => self::TEXT_OR_NULL,
            ])],
            'parcels' => ['type' => 'array', 'items' => self::ID],
        ]);
    }

    /** @return array<string, mixed> */
    private static function lines(): array
    {
        return ['type' => 'array', 'items' => Schema::object(['line' => self::ID, 'pieces' => self::ID])];
    }
}
