<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\Refund\RefundRefused;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\Returns\AnswerReturn;
use WindowStall\Counter\Returns\Instead;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Returns\ReturnAddress;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;

/** What a shopper asks to send back, as the counter answers it. */
final readonly class ReturnView
{
    /**
     * @param  string  $goods  "1 × Goatskin gloves, M"
     * @param  string  $to  where it goes, or is proposed to go
     * @param  string  $instead  what its shopper would like instead; "" where they want the money
     * @param  int|null  $exchange  the order that goes out for it
     * @param  MoneyView|null  $back  what goes back for it; null once it is settled
     */
    public function __construct(
        public int $id,
        public string $goods,
        public string $reason,
        public string $words,
        public ?string $picture,
        public string $state,
        public string $stateWords,
        public string $when,
        public string $to,
        public string $answer,
        public ?MoneyView $back,
        public string $instead,
        public ?int $exchange,
        public ?int $exchangeNumber,
    ) {
    }

    public static function of(Stall $stall, Order $order, OrderReturn $return): self
    {
        $open = in_array($return->state, [ReturnState::Asked, ReturnState::Awaited], true);

        return new self(
            id: $return->id,
            goods: $order->lines
                ->filter(static fn (OrderLine $line): bool => isset($return->pieces[$line->id]))
                ->map(static fn (OrderLine $line): string => $return->pieces[$line->id].' × '.$line->name())
                ->implode('; '),
            reason: $return->reason->words(),
            words: $return->words,
            picture: $return->picture === null ? null : PictureSizes::url($return->picture, 400),
            state: $return->state->value,
            stateWords: $return->state->words(),
            when: Clock::of($stall)->near($return->asked_at),
            to: $return->to !== '' ? $return->to : ReturnAddress::of($stall, $order, $return),
            answer: $return->answer,
            back: $open ? self::back($order, $return) : null,
            instead: implode('; ', array_map(
                static fn (ListingVariant $variant, int $line): string => $return->pieces[$line].' × '
                    .(Instead::label($stall, $variant) ?: (string) $order->lines->firstWhere('id', $line)?->title),
                Instead::of($order, $return),
                array_keys(Instead::of($order, $return)),
            )),
            exchange: $return->exchange_id,
            exchangeNumber: $return->exchange?->number,
        );
    }

    private static function back(Order $order, OrderReturn $return): ?MoneyView
    {
        try {
            return MoneyView::of($order->money(OrderRefundable::of($order)->give(AnswerReturn::asked($order, $return))->total));
        } catch (RefundRefused) {
            // Its money went back already, by another way.
            return null;
        }
    }
}
