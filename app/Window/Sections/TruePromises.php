<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Stall\Terms\SaidDelivery;
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
        $delivery = SaidDelivery::of($stall);
        $charge = $delivery->charge === null ? null : MoneyView::text($delivery->charge);
        $promises[] = match (true) {
            $charge === null => ['head' => 'Sent to '.$stall->seenName(), 'words' => 'The basket says what that costs.'],
            $delivery->isFree() => ['head' => 'Delivery is free', 'words' => 'Whatever you buy.'],
            $delivery->freeOver !== null => [
                'head' => 'Free delivery from '.MoneyView::text($delivery->freeOver),
                'words' => $charge.' below that, for a whole order.',
            ],
            default => ['head' => $charge.' for delivery', 'words' => 'For a whole order, however much is in it.'],
        };
        $promises[] = ! $stall->terms($stall->seen()->country)->tax->included
            ? ['head' => 'Prices before VAT', 'words' => 'VAT is added at the checkout.']
            : ['head' => 'VAT is in the price', 'words' => 'What you read is what you pay.'];

        return $promises;
    }
}
