<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Address\AddressField;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Money\Rate;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Policies\Particulars;

/**
 * Writes an invoice when an order is paid and a credit note when its money went back, in the transaction that makes it so. The
 * number is taken by a row that stays locked until then, so that the next one has no gap and none is given twice; what it says
 * is kept, whatever the seller's address or the goods are called later.
 */
final class WritePaper
{
    private const NEXT = <<<'SQL'
        INSERT INTO paper_numbers (stall_id, kind, year, last)
        VALUES (?, ?, ?, 1)
        ON CONFLICT (stall_id, kind, year) DO UPDATE SET last = paper_numbers.last + 1
        RETURNING last
        SQL;

    public static function of(Order $order, PaperKind $kind): void
    {
        $stall = $order->stall;
        if ($stall === null || OrderPaper::query()->where('order_id', $order->id)->where('kind', $kind)->exists()) {
            return;
        }
        $seen = $stall->speaking($order->language);
        $year = (int) Clock::of($stall)->local(now())->format('Y');
        $said = Speech::in($order->language, static fn (): array => self::said($order->load('lines'), $seen));
        OrderPaper::query()->create([
            'stall_id' => $order->stall_id,
            'order_id' => $order->id,
            'kind' => $kind,
            'year' => $year,
            'number' => (int) DB::selectOne(self::NEXT, [$order->stall_id, $kind->value, $year])?->last,
            'said' => $said,
            'issued_at' => now(),
        ]);
    }

    /** @return array<string, mixed> amounts in minor units of the order's currency */
    private static function said(Order $order, Stall $stall): array
    {
        $p = Particulars::of($stall);
        $said = static fn (?string ...$lines): array => array_values(array_filter(
            array_map(static fn (?string $line): string => trim((string) $line), $lines),
            static fn (string $line): bool => $line !== '',
        ));

        return [
            'seller' => $said(
                $p->trader ?? $stall->name,
                $p->street,
                self::town($stall->country, (string) $p->town, (string) $p->postcode),
                Spoken::country($stall->country),
            ),
            'register' => (string) $p->register,
            'tax_number' => (string) $p->tax_number,
            'buyer' => $said(
                $order->company,
                $order->name,
                $order->street,
                self::town($order->country, $order->address()['town'], $order->postcode),
                Spoken::country($order->country),
            ),
            'buyer_tax_number' => (string) $order->tax_number,
            'lines' => $order->lines->map(static fn (OrderLine $line): array => [
                'words' => $line->nameIn($stall),
                'pieces' => $line->quantity,
                'total' => $line->total($order)->minor,
            ])->all(),
            'discount' => $order->discount_minor,
            'delivery' => $order->delivery_minor,
            'total' => $order->total_minor,
            'on_top' => $order->tax_on_top,
            'taxes' => $order->reverse_charge ? [] : array_map(static fn (array $tax): array => [
                'rate' => Spoken::percent(new Rate($tax['rate'])),
                'asked' => $tax['asked'],
                'tax' => $tax['tax'],
            ], $order->taxes),
            'reverse' => $order->reverse_charge,
            'country' => Spoken::countrySaid($order->country),
        ];
    }

    /** Town and postcode as they are written there. */
    private static function town(string $country, string $town, string $postcode): string
    {
        $fields = AddressForm::of($country)->fields;
        $first = array_search(AddressField::Postcode, $fields, true) < array_search(AddressField::Town, $fields, true);

        return trim($first ? $postcode.' '.$town : $town.' '.$postcode);
    }
}
