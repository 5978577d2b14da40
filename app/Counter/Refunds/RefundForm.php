<?php

declare(strict_types=1);

namespace WindowStall\Counter\Refunds;

use Illuminate\Http\Request;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Counter\Order;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

/** Reads what somebody wants to give back. Where nothing is named, it is all that is left. */
final class RefundForm
{
    /** @throws Refusal when an amount can't be read */
    public static function read(Request $request, Order $order): RefundWish
    {
        $pieces = [];
        foreach ((array) $request->input('pieces', []) as $line => $count) {
            if (is_int($line) && (is_int($count) || is_string($count) && ctype_digit($count)) && (int) $count > 0) {
                $pieces[$line] = (int) $count;
            }
        }
        $delivery = self::minor($request, 'delivery', $order->currency);
        $besides = self::minor($request, 'besides', $order->currency);
        $named = $request->hasAny(['pieces', 'delivery', 'besides']);
        $key = Typed::text($request, 'key');
        $bears = Bearer::tryFrom(Typed::text($request, 'bears')) ?? Bearer::Stall;

        return new RefundWish(
            key: preg_match('/^[\w-]{1,40}$/D', $key) === 1 ? $key : 'whole',
            asked: $named ? new RefundAsked($pieces, $delivery, $besides) : null,
            bears: $bears,
            // What the stall bears itself nobody pays it.
            borne: $bears === Bearer::Stall ? 0 : self::minor($request, 'borne', $order->home_currency),
            why: mb_substr(Typed::text($request, 'why'), 0, 300),
            by: $request->user()?->id,
        );
    }

    private static function minor(Request $request, string $field, string $currency): int
    {
        $typed = Typed::text($request, $field);
        try {
            $amount = $typed === '' ? 0 : Money::parse($typed, Currency::of($currency))->minor;
        } catch (MoneyUnreadable $unreadable) {
            throw new Refusal($unreadable->getMessage());
        }
        if ($amount < 0) {
            throw new Refusal('An amount to give back can’t be below nought.');
        }

        return $amount;
    }
}
