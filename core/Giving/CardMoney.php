<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

/** What gift cards pay of an order, and what goes back to them; minor units throughout. */
final class CardMoney
{
    /**
     * Each pays what it has, the first first, until nothing is left to pay.
     *
     * @param  array<int, int>  $balances  by card
     * @return array<int, int> what each pays; those that pay nothing are left out
     */
    public static function pay(int $total, array $balances): array
    {
        $paid = [];
        foreach ($balances as $card => $balance) {
            $part = min($total, max(0, $balance));
            if ($part > 0) {
                $paid[$card] = $part;
                $total -= $part;
            }
        }

        return $paid;
    }

    /**
     * What of a refund goes back to the cards: by their share of what was paid, so that any refunds that come to all that was paid give
     * back to them just what they paid.
     *
     * @param  int  $total  of the order
     * @param  int  $byCard  of which cards paid
     * @param  int  $before  what was given back before
     */
    public static function back(int $total, int $byCard, int $before, int $refund): int
    {
        $share = static fn (int $back): int => $total === 0 ? 0 : intdiv($byCard * min($back, $total), $total);

        return $share($before + $refund) - $share($before);
    }
}
