<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Stall\Stall;
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
            : [
                'was' => MoneyView::text($was),
                'lowest' => sprintf('Lowest price of the last %d days: %s', WasPrice::DAYS, MoneyView::text($lowest)),
            ];
    }
}
