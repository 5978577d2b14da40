<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** How far one supplier is with its part of an order. */
final readonly class SupplierOrderView
{
    /**
     * @param  list<StepView>  $steps sent, accepted
     * @param  list<ParcelView>  $parcels  posted so far
     * @param  string  $goodsWords  what it sends; "" where all of it was moved elsewhere
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $state,
        public string $stateWords,
        public ?string $reference,
        public MoneyView $goods,
        public MoneyView $delivery,
        public ?MoneyView $laidIn,
        public bool $costConfirmed,
        public array $steps,
        public string $goodsWords,
        public array $parcels,
        public ?string $promised,
        public ?string $trouble,
        public bool $canTryAgain,
        public bool $canCancel,
    ) {
    }

    public static function of(Stall $stall, Order $order, SupplierOrder $s): self
    {
        $clock = Clock::here();
        $step = static fn (string $words, ?Carbon $at): StepView => new StepView(
            $words,
            $at === null ? null : $clock->near($at),
        );

        return new self(
            id: $s->id,
            supplier: (string) $s->connection?->name,
            state: $s->state->value,
            stateWords: $s->state->words(),
            reference: $s->external_id,
            goods: MoneyView::of($order->homeMoney($s->goods_minor)),
            delivery: MoneyView::of($order->homeMoney($s->delivery_minor)),
            laidIn: $s->extras_minor === 0 ? null : MoneyView::of($order->homeMoney($s->extras_minor)),
            costConfirmed: $s->cost_confirmed,
            steps: [$step('Sent', $s->sent_at), $step('Accepted', $s->accepted_at)],
            goodsWords: $order->lines
                ->where('supplier_order_id', $s->id)
                ->filter(static fn (OrderLine $l): bool => $l->toSend() > 0)
                ->map(static fn (OrderLine $l): string => $l->toSend().' × '.$l->name())
                ->implode('; '),
            parcels: array_values($order->parcels
                ->where('supplier_order_id', $s->id)
                ->map(static fn (Parcel $p): ParcelView => ParcelView::of($stall, $order, $p))
                ->all()),
            promised: $order->promised($s),
            trouble: $s->state === SupplierOrderState::Refused ? $s->refusal : $s->trouble,
            canTryAgain: $order->state === OrderState::Paid &&
                $s->external_id === null &&
                ($s->state === SupplierOrderState::Refused || $s->trouble !== null),
            canCancel: $s->state->open() && $order->parcels->where('supplier_order_id', $s->id)->isEmpty(),
        );
    }
}
