<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\Left\LeftBaskets;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Baskets left at the checkout lately, what they would have kept, and what their shoppers are told. */
final readonly class LeftBasketsView
{
    /**
     * @param  list<LeftBasketView>  $baskets  the latest first
     * @param  MoneyView  $keep  what they would have kept together
     * @param  string  $words  what shoppers are told; "" where nobody is
     */
    public function __construct(
        public array $baskets,
        public MoneyView $keep,
        public int $days,
        public int $told,
        public int $back,
        public string $words,
        public int $hours,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $orders = LeftBaskets::of($stall);
        $emails = array_map(static fn (Order $o): string => mb_strtolower($o->email), $orders);
        $agreed = DB::table('sign_ups')->where('stall_id', $stall->id)->whereIn('email', $emails)->pluck('email')->all();
        $reminded = DB::table('basket_reminders')
            ->where('stall_id', $stall->id)
            ->whereIn('basket_id', array_map(static fn (Order $o): string => $o->basket_id, $orders))
            ->pluck('sent_at', 'basket_id')
            ->map(static fn (mixed $at): Carbon => Carbon::parse((string) $at))
            ->all();
        $baskets = array_map(
            static fn (Order $o): LeftBasketView => LeftBasketView::of($stall, $o, array_fill_keys($agreed, true), $reminded),
            $orders,
        );
        $counts = LeftBaskets::reminded($stall);

        return new self(
            baskets: $baskets,
            keep: MoneyView::of($stall->money(array_sum(
                array_map(static fn (LeftBasketView $b): int => $b->keep->minor, $baskets),
            ))),
            days: LeftBaskets::DAYS,
            told: $counts['told'],
            back: $counts['back'],
            words: (string) $stall->reminder_words,
            hours: $stall->reminder_hours,
        );
    }
}
