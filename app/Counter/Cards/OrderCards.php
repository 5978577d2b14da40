<?php

declare(strict_types=1);

namespace WindowStall\Counter\Cards;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Giving\CardCode;
use WindowStall\Core\Source\Giving;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;

/** What gift cards pay of an order, what goes back to them, and those that are bought with one. Cards are locked by number, after the order. */
final class OrderCards
{
    /** How long what they are to pay is kept for it; minutes. */
    private const HELD = 30;

    /**
     * Writes down what each is to pay.
     *
     * @param  array<int, int>  $pays  by card
     *
     * @throws Refusal where one was used meanwhile
     */
    public static function note(Order $order, array $pays): void
    {
        DB::table('gift_card_uses')->where('order_id', $order->id)->delete();
        self::lock(array_keys($pays));
        $left = CardBalance::of(array_keys($pays), $order->basket_id, $order->id);
        foreach ($pays as $card => $minor) {
            if (($left[$card] ?? 0) < $minor) {
                throw new Refusal(Speech::say('till.cards.spent'));
            }
            DB::table('gift_card_uses')->insert([
                'stall_id' => $order->stall_id,
                'gift_card_id' => $card,
                'order_id' => $order->id,
                'minor' => $minor,
                'held_until' => now()->addMinutes(self::HELD),
            ]);
        }
    }

    /** Keeps it for the order while its money is taken; whether all of it is still there. */
    public static function hold(Order $order): bool
    {
        return $order->card_minor === 0 || DB::transaction(static function () use ($order): bool {
            $uses = DB::table('gift_card_uses')->where('order_id', $order->id)->orderBy('gift_card_id')->pluck('minor', 'gift_card_id')->all();
            self::lock(array_keys($uses));
            $left = CardBalance::of(array_map(intval(...), array_keys($uses)), $order->basket_id, $order->id);
            foreach ($uses as $card => $minor) {
                if (($left[$card] ?? 0) < $minor) {
                    return false;
                }
            }
            DB::table('gift_card_uses')->where('order_id', $order->id)->update(['held_until' => now()->addMinutes(self::HELD)]);

            return array_sum($uses) === $order->card_minor;
        }, attempts: 3);
    }

    /** Gives back to them, the last that paid first. In the transaction that notes the refund as done. */
    public static function giveBack(Order $order, int $minor): void
    {
        $uses = DB::table('gift_card_uses')->where('order_id', $order->id)->orderByDesc('gift_card_id')->lockForUpdate()->get();
        foreach ($uses as $use) {
            $part = min($minor, (int) $use->minor - (int) $use->back_minor);
            DB::table('gift_card_uses')->where('id', $use->id)->increment('back_minor', $part);
            $minor -= $part;
        }
    }

    /** Makes the cards that were bought, each with a code of its own. In the transaction that makes it paid. */
    public static function issue(Order $order): void
    {
        foreach ($order->lines->where('giving', Giving::GiftCard) as $line) {
            $value = (int) preg_replace('~^.*/~', '', (string) $line->supplierVariant?->external_id);
            for ($piece = 0; $piece < $line->quantity; $piece++) {
                $code = CardCode::of(random_bytes(16));
                GiftCard::query()->create([
                    'stall_id' => $order->stall_id,
                    'order_line_id' => $line->id,
                    'code_hash' => $code->hash(),
                    'code' => $code->words(),
                    'currency' => $order->home_currency,
                    'value_minor' => $value,
                ]);
            }
        }
    }

    /**
     * Ends so many of the cards of a line, whose money goes back.
     *
     * @return int what they were worth, minor units of the stall's currency: nothing of it is owed any more
     *
     * @throws Refusal where they paid for something already
     */
    public static function end(OrderLine $line, int $pieces): int
    {
        $cards = GiftCard::query()->where('order_line_id', $line->id)->whereNull('ended_at')->orderBy('id')->lockForUpdate()->get();
        $left = CardBalance::of(array_values(array_map(intval(...), $cards->modelKeys())));
        $unused = $cards->filter(static fn (GiftCard $card): bool => ($left[$card->id] ?? 0) === $card->value_minor);
        if ($unused->count() < $pieces) {
            throw new Refusal('This gift card paid for something already; its money can’t go back.');
        }
        $ended = $unused->take($pieces);
        GiftCard::query()->whereKey($ended->modelKeys())->update(['ended_at' => now()]);

        return (int) $ended->sum('value_minor');
    }

    /** @param  list<int>  $cards */
    private static function lock(array $cards): void
    {
        GiftCard::query()->whereKey($cards)->orderBy('id')->lockForUpdate()->pluck('id');
    }
}
