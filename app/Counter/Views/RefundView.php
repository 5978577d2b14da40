<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Counter\Order;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Money of an order that went back. */
final readonly class RefundView
{
    public function __construct(public MoneyView $total, public string $what, public string $when, public bool $done)
    {
    }

    public static function of(Stall $stall, Order $order, Refund $refund): self
    {
        $parts = [];
        foreach ($refund->pieces as $line => $count) {
            $parts[] = $count.' × '.$order->lines->firstWhere('id', $line)?->name();
        }
        foreach (['delivery' => 'delivery', 'besides' => 'off the order'] as $part => $words) {
            $minor = $refund->figures[$part] ?? 0;
            if ($minor > 0) {
                $parts[] = $words.' '.MoneyView::text($order->money($minor));
            }
        }
        $borne = $refund->borne_minor === 0 ? '' : sprintf(
            '; %s bears %s of it',
            $refund->bears === Bearer::Supplier ? 'the supplier' : 'the carrier',
            MoneyView::text($order->homeMoney($refund->borne_minor)),
        );

        return new self(
            MoneyView::of($order->money($refund->total_minor)),
            implode('; ', $parts).$borne.($refund->credited ? '; it paid for what was sent instead' : ''),
            Clock::of($stall)->near($refund->done_at ?? $refund->asked_at),
            $refund->done_at !== null,
        );
    }
}
