<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** What it takes to send without charging for it: built into the price, or over a basket value. */
final class FreeDelivery
{
    /**
     * The price that keeps as much without a charge for delivery as this one does with it, before any ending.
     *
     * @return Money|null null where no price does
     */
    public static function builtIn(Money $price, Landed $landed, SaleTerms $charged): ?Money
    {
        $charged = $charged->alwaysCharging();
        [$keep] = $charged->keep($price->minor, $landed->total->minor);

        return self::without($charged)->priceKeeping($landed->total, $price->with($keep));
    }

    /** The same terms with nothing charged for delivery. */
    public static function without(SaleTerms $terms): SaleTerms
    {
        return new SaleTerms(
            $terms->tax,
            Money::zero($terms->charged->currency),
            $terms->payment,
            $terms->paymentFixed,
            $terms->platform,
            $terms->returns,
            $terms->advertising,
        );
    }

    /**
     * The basket value from which delivery can be free: the lowest round value at which an order keeps as much as the
     * usual order keeps now, so that whoever adds to the basket to get there has paid for the parcel.
     *
     * @param  list<array{goods: int, landed: int}>  $orders  baskets, in minor units: what the goods were sold for and
     *     what they cost landed
     * @param  int  $step  values proposed are multiples of it, in minor units
     * @return FreeDeliveryProposal|null null without orders, without a charge to give up, or where a fuller basket
     *     never makes up for it
     */
    public static function over(array $orders, SaleTerms $terms, int $step): ?FreeDeliveryProposal
    {
        $sold = array_sum(array_column($orders, 'goods'));
        if ($orders === [] || $terms->charged->minor === 0 || $sold === 0) {
            return null;
        }
        $n = count($orders);
        $landed = array_sum(array_column($orders, 'landed'));
        [$usual, $each] = [Rounding::halfUp($sold, 1, $n), Rounding::halfUp($landed, 1, $n)];
        // As it would be if nothing were free yet.
        $terms = $terms->alwaysCharging();
        [$keep] = $terms->keep($usual, $each);
        $free = self::without($terms);
        for ($value = intdiv($usual, $step) * $step + $step, $tries = 0; $tries < 200; $value += $step, $tries++) {
            // A fuller basket costs more in proportion.
            [$then] = $free->keep($value, Rounding::halfUp($value, $landed, $sold));
            if ($then >= $keep) {
                $above = array_filter($orders, static fn (array $o): bool => $o['goods'] >= $value);
                [$waived] = $terms->keep($value, 0);
                [$without] = $free->keep($value, 0);

                return new FreeDeliveryProposal(
                    $terms->charged->with($value),
                    $terms->charged->with($usual),
                    $terms->charged->with($keep),
                    $terms->charged->with($then),
                    $n,
                    count($above),
                    $terms->charged->with($waived - $without),
                );
            }
        }

        return null;
    }
}
