<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Address\AddressField;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Money\Rate;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Policies\Particulars;

/**
 * Writes an invoice when an order is paid and a credit note whenever money of it went back, in the transaction that makes it so. The
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

    /** The year of what a rehearsal writes: its numbers aren't those of the books. */
    private const REHEARSED = 0;

    public static function invoice(Order $order): void
    {
        if (! OrderPaper::query()->where('order_id', $order->id)->where('kind', PaperKind::Invoice)->exists()) {
            self::write($order, PaperKind::Invoice, self::bought(...));
        }
    }

    /** One for each refund, of what that gave back. */
    public static function credit(Order $order, Refund $refund): void
    {
        if (! OrderPaper::query()->where('refund_id', $refund->id)->exists()) {
            self::write(
                $order,
                PaperKind::Credit,
                static fn (Order $order, Stall $stall): array => self::givenBack($order, $stall, $refund),
                $refund,
            );
        }
    }

    /** @param  callable(Order, Stall): array<string, mixed>  $what */
    private static function write(Order $order, PaperKind $kind, callable $what, ?Refund $refund = null): void
    {
        $stall = $order->stall;
        if ($stall === null) {
            return;
        }
        $seen = $stall->speaking($order->language);
        $year = $order->isRehearsed() ? self::REHEARSED : (int) Clock::of($stall)->local(now())->format('Y');
        $order->load('lines');
        $said = Speech::in($order->language, static fn (): array => $what($order, $seen) + self::parties($order, $seen));
        OrderPaper::query()->create([
            'stall_id' => $order->stall_id,
            'order_id' => $order->id,
            'refund_id' => $refund?->id,
            'kind' => $kind,
            'year' => $year,
            'number' => $order->isRehearsed()
                ? 1 + (int) OrderPaper::query()->where('year', self::REHEARSED)->where('kind', $kind)->max('number')
                : (int) DB::selectOne(self::NEXT, [$order->stall_id, $kind->value, $year])?->last,
            'said' => $said,
            'issued_at' => now(),
        ]);
    }

    /** @return array<string, mixed> what was bought; amounts in minor units of the order's currency */
    private static function bought(Order $order, Stall $stall): array
    {
        return [
            'lines' => $order->lines->map(static fn (OrderLine $line): array => [
                'words' => $line->nameIn($stall),
                'pieces' => $line->quantity,
                'total' => $line->total($order)->minor,
            ])->all(),
            'discount' => $order->discount_minor,
            'delivery' => $order->delivery_minor,
            'total' => $order->total_minor,
            'on_top' => $order->tax_on_top,
            'taxes' => self::taxes($order->reverse_charge ? [] : array_map(
                static fn (array $tax): array => [$tax['rate'], $tax['asked'], $tax['tax']],
                $order->taxes,
            )),
        ];
    }

    /** @return array<string, mixed> the same of a refund: every amount with its tax */
    private static function givenBack(Order $order, Stall $stall, Refund $refund): array
    {
        $figures = $refund->toFigures();
        if ($figures === null) {
            return self::bought($order, $stall);
        }
        $lines = [];
        foreach ($figures->lines as $id => $total) {
            $lines[] = [
                'words' => (string) $order->lines->firstWhere('id', $id)?->nameIn($stall),
                'pieces' => $figures->pieces[$id] ?? 0,
                'total' => $total,
            ];
        }
        $taxes = [];
        foreach ($order->reverse_charge ? [] : $figures->rates as $rate => $sums) {
            $taxes[] = [$rate, $sums['back'], $sums['tax']];
        }

        return [
            'lines' => $lines,
            'discount' => 0,
            'delivery' => $figures->delivery,
            'besides' => $figures->besides,
            'total' => $figures->total,
            'on_top' => false,
            'taxes' => self::taxes($taxes),
        ];
    }

    /**
     * @param  array<array{int, int, int}>  $taxes  rate in millionths, what bears it, the tax
     * @return list<array{rate: string, asked: int, tax: int}>
     */
    private static function taxes(array $taxes): array
    {
        return array_map(static fn (array $tax): array => [
            'rate' => Spoken::percent(new Rate($tax[0])),
            'asked' => $tax[1],
            'tax' => $tax[2],
        ], array_values($taxes));
    }

    /** @return array<string, mixed> who sold it to whom */
    private static function parties(Order $order, Stall $stall): array
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
