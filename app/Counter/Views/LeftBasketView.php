<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Expecting;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;

/** A basket that was left at the checkout. */
final readonly class LeftBasketView
{
    /**
     * @param  MoneyView  $keep  what it would have kept
     * @param  bool  $agreed  whether its shopper may be written to
     * @param  string  $reminded  when that was done; "" where it wasn't
     */
    public function __construct(
        public int $id,
        public string $when,
        public string $shopper,
        public string $goods,
        public ?string $picture,
        public MoneyView $total,
        public MoneyView $keep,
        public bool $agreed,
        public string $reminded,
    ) {
    }

    /**
     * @param  array<string, true>  $agreed  addresses in small letters
     * @param  array<string, \Illuminate\Support\Carbon>  $reminded  by basket
     */
    public static function of(Stall $stall, Order $order, array $agreed, array $reminded): self
    {
        $picture = $order->lines->first()?->picture;
        $told = $reminded[$order->basket_id] ?? null;

        return new self(
            id: $order->id,
            when: Clock::of($stall)->moment($order->created_at),
            shopper: $order->name.', '.$order->town,
            goods: $order->lines->map(static fn (OrderLine $l): string => $l->quantity.' × '.$l->name())->implode('; '),
            picture: $picture === null ? null : PictureSizes::url($picture, 80),
            total: MoneyView::of($order->money($order->total_minor)),
            keep: MoneyView::of(OrderFigures::expected($order, Expecting::order($order))->keep),
            agreed: isset($agreed[mb_strtolower($order->email)]),
            reminded: $told === null ? '' : Clock::of($stall)->moment($told),
        );
    }
}
