<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Oakum;

use Illuminate\Support\Facades\Validator;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\SupplierItem;
use WindowStall\Core\Source\SupplierVariant;
use WindowStall\Source\Connectors\Quote;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Turns Oakum's JSON into the program's own values, field by field, after checking each. */
final class OakumReader
{
    public static function item(mixed $said): SupplierItem
    {
        /** @var array{code: string, title: string, description: string, category: string, currency: string, pictures: list<string>, processing_days: array{int, int}, rating?: float|int|null, variants: list<array{id: string, sku: string, barcode?: string|null, options: array<string, string>, cost: int, rrp?: int|null, grams: int, stock: array<string, int>, picture?: int|null}>} $item */
        $item = self::checked($said, [
            'code' => 'required|string|max:80', 'title' => 'required|string', 'description' => 'present|string', 'category' => 'present|string', 'currency' => 'required|string|size:3',
            'pictures' => 'present|array', 'pictures.*' => 'string|max:600', 'processing_days' => 'required|array|size:2', 'processing_days.*' => 'integer|min:0|max:90', 'rating' => 'nullable|numeric',
            'variants' => 'present|array|max:10000', 'variants.*.id' => 'required|string|max:80', 'variants.*.sku' => 'required|string|max:80', 'variants.*.barcode' => 'nullable|string|max:20',
            'variants.*.options' => 'present|array', 'variants.*.options.*' => 'string', 'variants.*.cost' => 'required|integer|min:0|max:100000000', 'variants.*.rrp' => 'nullable|integer|min:0',
            'variants.*.grams' => 'required|integer|min:1', 'variants.*.stock' => 'present|array', 'variants.*.stock.*' => 'integer|min:0', 'variants.*.picture' => 'nullable|integer|min:0',
        ]);

        return new SupplierItem(
            $item['code'], mb_substr($item['title'], 0, 400), $item['description'], mb_substr($item['category'], 0, 120), array_values($item['pictures']), $item['currency'],
            new DayRange($item['processing_days'][0], max($item['processing_days'])), isset($item['rating']) ? (int) round($item['rating'] * 10) : null,
            array_map(static fn (array $v): SupplierVariant => new SupplierVariant(
                $v['id'], $v['sku'], $v['barcode'] ?? null, $v['options'], Money::of($v['cost'], $item['currency']), isset($v['rrp']) ? Money::of($v['rrp'], $item['currency']) : null,
                $v['grams'], $v['stock'], $v['picture'] ?? null,
            ), array_values($item['variants'])),
        );
    }

    /** @return list<Quote> */
    public static function quotes(mixed $said): array
    {
        /** @var array{methods: list<array{method: string, price: int, days: array{int, int}}>} $checked */
        $checked = self::checked(['methods' => $said], ['methods' => 'present|array', 'methods.*.method' => 'required|string|max:40', 'methods.*.price' => 'required|integer|min:0', 'methods.*.days' => 'required|array|size:2', 'methods.*.days.*' => 'integer|min:0']);

        return array_map(static fn (array $q): Quote => new Quote($q['method'], $q['price'], $q['days'][0], max($q['days'])), array_values($checked['methods']));
    }

    public static function answer(mixed $said): SupplierAnswer
    {
        /** @var array{id: int|string, state: string, goods: int, delivery: int, currency: string, carrier?: string|null, tracking?: string|null, reason?: string|null} $order */
        $order = self::checked($said, ['id' => 'required', 'state' => 'required|in:received,accepted,posted,refused', 'goods' => 'required|integer|min:0', 'delivery' => 'required|integer|min:0', 'currency' => 'required|string|size:3', 'carrier' => 'nullable|string|max:60', 'tracking' => 'nullable|string|max:60', 'reason' => 'nullable|string|max:500']);

        return new SupplierAnswer(
            (string) $order['id'],
            match ($order['state']) {
                'accepted' => SupplierOrderState::Accepted, 'posted' => SupplierOrderState::Posted, 'refused' => SupplierOrderState::Refused, default => SupplierOrderState::Sent,
            },
            Money::of($order['goods'], $order['currency']), Money::of($order['delivery'], $order['currency']), $order['carrier'] ?? null, $order['tracking'] ?? null, $order['reason'] ?? null,
        );
    }

    /**
     * @param  array<string, string>  $rules
     * @return array<mixed>
     */
    private static function checked(mixed $said, array $rules): array
    {
        if (! is_array($said) || Validator::make($said, $rules)->fails()) {
            throw SupplierTrouble::strange('Oakum Depot');
        }

        return $said;
    }
}
