<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Support\Views\MoneyView;

/** How far one supplier is with its part of an order. */
final readonly class SupplierOrderView
{
    /** @param  list<StepView>  $steps sent, accepted, posted */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $state,
        public string $stateWords,
        public ?string $reference,
        public MoneyView $goods,
        public MoneyView $delivery,
        public bool $costConfirmed,
        public array $steps,
        public ?string $carrier,
        public ?string $tracking,
        public ?string $trouble,
        public bool $canTryAgain,
    ) {
    }

    public static function of(Order $order, SupplierOrder $s): self
    {
        $step = static fn (string $words, ?Carbon $at): StepView => new StepView($words, $at?->format('j M, H:i'));

        return new self(
            $s->id,
            (string) $s->connection?->name,
            $s->state->value,
            $s->state->words(),
            $s->external_id,
            MoneyView::of($order->money($s->goods_minor)),
            MoneyView::of($order->money($s->delivery_minor)),
            $s->cost_confirmed,
            [$step('Sent', $s->sent_at), $step('Accepted', $s->accepted_at), $step('Posted', $s->posted_at)],
            $s->carrier,
            $s->tracking,
            $s->refusal ?? $s->trouble,
            $order->state === OrderState::Paid &&
                $s->external_id === null &&
                ($s->state === SupplierOrderState::Refused || $s->trouble !== null),
        );
    }
}
