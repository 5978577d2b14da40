<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\OrderNumbers;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\Sourcing\ShareOut;
use WindowStall\Counter\Sourcing\ToSuppliers;
use WindowStall\Counter\TellShelves;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Sends other pieces for what comes back, as a new order: what was paid for the pieces is credited and pays for it, with its tax, so
 * that no money moves. Where the new ones cost less today, the difference goes back; where they cost more, the stall bears it.
 *
 * In the transaction that answers the return, which holds it and its order.
 */
final readonly class Exchange
{
    public function __construct(private GiveBack $giveBack)
    {
    }

    /**
     * @param  Order  $order  with its lines, refunds and stall
     *
     * @throws Refusal when what they would like instead can't be had
     */
    public function __invoke(Order $order, OrderReturn $return, ?int $by): Order
    {
        $instead = Instead::of($order, $return);
        if ($instead === []) {
            throw new Refusal('Its shopper said nothing that they would like instead.');
        }
        $credit = ($this->giveBack)($order, new RefundWish(
            key: 'exchange-'.$return->id,
            asked: new RefundAsked(array_intersect_key($return->pieces, $instead)),
            bears: Bearer::Stall,
            by: $by,
            credited: true,
        ));
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');
        $new = $this->order($stall, $order, $credit);
        foreach ($instead as $line => $variant) {
            $this->line($stall, $new, $order->lines->firstOrFail('id', $line), $variant, $credit);
        }
        $new->load('lines')->setRelation('stall', $order->stall);
        $this->promise($new);
        $this->date($new);
        WritePaper::invoice($new);
        ToSuppliers::of($new);
        TellShelves::of($new);
        $less = $credit->total_minor - $this->costNow($stall, $new, $instead);
        if ($less > 0) {
            ($this->giveBack)($new->refresh()->load(['lines', 'refunds', 'stall']), new RefundWish(
                key: 'cheaper-'.$return->id,
                asked: new RefundAsked(besides: $less),
                by: $by,
            ));
        }

        return $new;
    }

    private function order(Stall $stall, Order $order, Refund $credit): Order
    {
        $number = OrderNumbers::next($stall);
        $new = $order->replicate([
            'payment_id', 'pay_at', 'pending_since', 'disputed_at', 'settling_until', 'reserved_until', 'awaited_since', 'payment_trouble',
            'payment_trouble_name', 'shared', 'held_at', 'sought', 'whose', 'joins_order_id', 'card_minor', 'said_age',
            'own_cost_minor',
        ]);
        $new->fill([
            'number' => $number,
            'token' => rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '='),
            'basket_hash' => 'exchange-'.$credit->id,
            'exchange_of' => $order->exchange_of ?? $order->id,
            'state' => OrderState::Paid,
            'paid_at' => now(),
            'goods_minor' => $credit->total_minor,
            'discount_minor' => 0,
            'delivery_minor' => 0,
            'tax_minor' => $credit->tax_minor,
            'total_minor' => $credit->total_minor,
            'taxes' => self::taxes($credit),
            // The payment took its fee once.
            'fee_bp' => 0,
            'fee_fixed_minor' => 0,
            'doubts' => [],
        ])->save();
        OrderNumbers::take($stall);

        return $new->refresh();
    }

    /** @return list<array{rate: int, asked: int, tax: int}> */
    private static function taxes(Refund $credit): array
    {
        $taxes = [];
        foreach ($credit->figures['rates'] ?? [] as $rate => $part) {
            $taxes[] = ['rate' => $rate, 'asked' => $part['back'], 'tax' => $part['tax']];
        }

        return $taxes;
    }

    private function line(Stall $stall, Order $new, OrderLine $old, ListingVariant $variant, Refund $credit): void
    {
        $pieces = $credit->pieces[$old->id] ?? 0;
        $minor = $credit->figures['lines'][$old->id] ?? 0;
        $new->lines()->create([
            'listing_variant_id' => $variant->id,
            'supplier_variant_id' => $variant->selling()->id,
            'title' => $old->title,
            'label' => $variant->id === $old->listing_variant_id ? $old->label : Instead::label($stall, $variant),
            'picture' => $old->picture,
            'quantity' => $pieces,
            'unit_minor' => intdiv($minor, max(1, $pieces)),
            'total_minor' => $minor,
            'tax_rate' => $old->tax_rate,
        ]);
    }

    private function promise(Order $new): void
    {
        $pieces = [];
        foreach ($new->lines as $line) {
            $pieces[$line->supplier_variant_id] = ($pieces[$line->supplier_variant_id] ?? 0) + $line->quantity;
        }
        ksort($pieces);
        foreach ($pieces as $variant => $count) {
            if (! Reservations::take($variant, $count)) {
                $line = $new->lines->firstOrFail('supplier_variant_id', $variant);
                throw new Refusal(sprintf('%s can’t be had any more. Give the money back, or wait.', $line->name()));
            }
        }
    }

    /** By when it should be there, as a shopper who ordered it now would be told. */
    private function date(Order $new): void
    {
        foreach (ShareOut::try($new, $new->lines)->best->sources ?? [] as $line => $source) {
            $new->lines->firstWhere('id', $line)?->update(['promised_from' => $source->by, 'promised_to' => $source->by]);
        }
    }

    /**
     * What the new pieces would cost a shopper today; where that isn't known, as much as was credited.
     *
     * @param  array<int, ListingVariant>  $instead  by the old line
     */
    private function costNow(Stall $stall, Order $new, array $instead): int
    {
        $cost = 0;
        foreach ($new->lines as $line) {
            $variant = collect($instead)->firstOrFail('id', $line->listing_variant_id);
            $now = Instead::price($stall, $new, $variant);
            $cost += $now === null ? (int) $line->total_minor : min((int) $line->total_minor, $now * $line->quantity);
        }

        return $cost;
    }
}
