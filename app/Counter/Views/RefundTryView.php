<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\Refund\RefundRefused;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Support\Views\MoneyView;

/** What a refund would come to. */
final readonly class RefundTryView
{
    /**
     * @param  MoneyView|null  $total  null where it can't be given back
     * @param  MoneyView|null  $tax  within it
     * @param  MoneyView|null  $keeps  what the order keeps afterwards, in the stall's currency
     * @param  string  $trouble  why not; "" where it can
     */
    public function __construct(
        public ?MoneyView $total,
        public ?MoneyView $tax,
        public ?MoneyView $keeps,
        public string $trouble,
    ) {
    }

    /** @param  Order  $order  with its lines, refunds and supplier orders */
    public static function of(Order $order, RefundWish $wish): self
    {
        $left = OrderRefundable::of($order);
        try {
            $given = $left->give($wish->asked ?? $left->everything());
        } catch (RefundRefused $refused) {
            return new self(null, null, null, GiveBack::words($order, $refused));
        }
        $kept = OrderFigures::result($order, givenBack: $given)->kept;

        return new self(
            MoneyView::of($order->money($given->total)),
            MoneyView::of($order->money($given->tax)),
            MoneyView::of($kept->plus($order->homeMoney($wish->borne))),
            '',
        );
    }
}
