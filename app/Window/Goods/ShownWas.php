<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Views\MoneyView;

/**
 * A price that stood before, as shoppers see it: only above the price, and where the law asks with the lowest of the
 * 30 days before.
 */
final class ShownWas
{
    /** @return array{was: string, lowest: string} empty where there is nothing to say */
    public static function of(Stall $stall, VariantFigures $v): array
    {
        $none = ['was' => '', 'lowest' => ''];
        if (! $stall->seen()->isHome()) {
            return self::abroad($stall, $v) ?? $none;
        }
        $was = $stall->moneyOrNull($v->row->own_was_minor);
        if ($was === null || $v->price === null || $was->compare($v->price) <= 0) {
            return $none;
        }
        if (! WasPrice::demandedIn($stall->home_market)) {
            return ['was' => MoneyView::text($was), 'lowest' => ''];
        }
        $lowest = $stall->moneyOrNull(PriceHistory::lowest($v->row->id, $stall->home_market));
        $refused = WasPrice::refusal(
            $was,
            $v->price,
            $stall->home_market,
            $lowest,
            PriceHistory::asked($v->row->id, $stall->home_market, $was->minor),
        );

        return $refused !== null || $lowest === null
            ? $none
            : ['was' => MoneyView::text($was), 'lowest' => self::lowest($lowest)];
    }

    /**
     * Abroad nothing is said of a price that wasn't asked there: what is offered for less at home shows the lowest of that
     * market's own last 30 days.
     *
     * @return array{was: string, lowest: string}|null
     */
    private static function abroad(Stall $stall, VariantFigures $v): ?array
    {
        $seen = $stall->seen();
        $lowest = $v->row->own_was_minor === null ? null : PriceHistory::lowest($v->row->id, $seen->country);

        return $lowest === null || $v->shown === null || $lowest <= $v->shown->minor
            ? null
            : ['was' => MoneyView::text($seen->money($lowest)), 'lowest' => self::lowest($seen->money($lowest))];
    }

    private static function lowest(Money $lowest): string
    {
        return Speech::say('shop.goods.lowest', days: WasPrice::DAYS, price: $lowest);
    }
}
