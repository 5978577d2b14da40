<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/** What goods sent by a way come to: what the shopper pays, what it costs the stall, and what is kept. */
final readonly class QuoteFigures
{
    /**
     * @param  list<QuotedGoods>  $goods  of the whole basket
     * @param  CostSheet|null  $sheet  of the stall, where many are worked out by it
     * @param  Money|null  $tax  what it comes to by the goods' own rates; by the standard one where it isn't given
     * @return Till|null null where what the goods cost isn't known
     */
    public static function of(
        Stall $stall,
        array $goods,
        WayQuote $way,
        string $country,
        ?CostSheet $sheet = null,
        ?Money $tax = null,
    ): ?Till {
        $sheet ??= CostSheet::of($stall);
        $price = $cost = 0;
        $handling = $stall->money(0);
        foreach ($way->parcels as $parcel) {
            $handling = $handling->plus($sheet->parcelOf($parcel->supplier));
            foreach ($parcel->lines as $line) {
                if ($goods[$line]->cost === null) {
                    return null;
                }
                $price += $goods[$line]->price->minor;
                $cost += $goods[$line]->cost->minor;
            }
        }
        $delivery = $way->cost();
        $duty = $sheet->duty($country);
        $dutiable = $duty->on === DutyBase::Goods ? $stall->money($cost) : $stall->money($cost)->plus($delivery);

        return Till::ring(
            $stall->money($price),
            Landed::of($stall->money($cost), $delivery, $duty->rate->of($dutiable), $handling),
            $tax === null
                ? $sheet->terms($country)->charging($way->charge)
                : $sheet->terms($country)->charging($way->charge)->taxed($tax),
        );
    }
}
