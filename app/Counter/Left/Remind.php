<?php

declare(strict_types=1);

namespace WindowStall\Counter\Left;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use WindowStall\Counter\Mail\BasketLeft;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Shop\Basket;
use WindowStall\Shop\SignUps;
use WindowStall\Window\Policies\Particulars;

/** Reminds a shopper of a basket that was left at the checkout: once, by a mail with its address. */
final class Remind
{
    public function __invoke(Order $order): void
    {
        $stall = $order->stall;
        $basket = Basket::query()->find($order->basket_id);
        if ($stall === null || $stall->reminder_words === null || $basket === null || ! $basket->lines()->exists()) {
            return;
        }
        Basket::query()->whereKey($basket->id)->whereNull('link')->update(['link' => Str::random(24)]);
        $link = $stall->shopAddress('/basket/from/'.$basket->refresh()->link);
        // With the note or not at all: killed in between, the next sweep does it.
        DB::transaction(static function () use ($order, $stall, $link): void {
            $first = DB::table('basket_reminders')->insertOrIgnore([
                'basket_id' => $order->basket_id,
                'stall_id' => $stall->id,
                'order_id' => $order->id,
                'email' => $order->email,
                'sent_at' => now(),
            ]);
            if ($first === 1) {
                $shop = $stall->speaking($order->language);
                Mail::to($order->email)->locale($order->language)->queue(new BasketLeft(
                    shop: $stall->name,
                    name: $order->name,
                    words: $shop->phrases()->say((string) $stall->reminder_words),
                    goods: array_values($order->lines->map(
                        static fn (OrderLine $l): string => $l->quantity.' × '.$l->nameIn($shop),
                    )->all()),
                    link: $link.'?language='.$order->language,
                    stop: $stall->shopAddress(SignUps::stopAt($stall, $order->email).'&language='.$order->language),
                    answers: Particulars::of($stall)->email,
                ));
            }
        });
    }
}
