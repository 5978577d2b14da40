<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Support\Views\MoneyView;
use WindowStall\Window\Goods\WindowGoods;

/** What the stall's own terms promise, in words: nothing is said that they don't keep. */
final class TruePromises
{
    /** @return list<array{head: string, words: string}> */
    public static function of(WindowGoods $goods): array
    {
        $stall = $goods->stall;
        $days = $goods->days();
        $promises = [];
        if ($days !== null) {
            $promises[] = [
                'head' => 'With you in '.$days->words(),
                'words' => 'Each page says how long its goods take.',
            ];
        }
        $free = $stall->freeOver();
        $flat = MoneyView::text($stall->flatDelivery());
        $promises[] = match (true) {
            $stall->flat_delivery_minor === 0 => ['head' => 'Delivery is free', 'words' => 'Whatever you buy.'],
            $free !== null => [
                'head' => 'Free delivery from '.MoneyView::text($free),
                'words' => $flat.' below that, for a whole order.',
            ],
            default => ['head' => $flat.' for delivery', 'words' => 'For a whole order, however much is in it.'],
        };
        $promises[] = $stall->tax_on_top
            ? ['head' => 'Prices before VAT', 'words' => 'VAT is added at the checkout.']
            : ['head' => 'VAT is in the price', 'words' => 'What you read is what you pay.'];

        return $promises;
    }
}
