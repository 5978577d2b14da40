<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;

/** Terms and costs for tests. */
final class Terms
{
    /** 20% tax included, 1.5% + 0.20 for the payment. */
    public static function simple(string $currency = 'GBP', int $charged = 0, ?Money $freeOver = null): SaleTerms
    {
        return new SaleTerms(
            SalesTax::included(Rate::bp(2000)),
            Money::of($charged, $currency),
            Rate::bp(150),
            Money::of(20, $currency),
            freeOver: $freeOver,
        );
    }

    /** Any rates a seller may meet, together well under the whole. */
    public static function random(): SaleTerms
    {
        $rate = new Rate(mt_rand(0, 270_000));

        return new SaleTerms(
            mt_rand(0, 1) === 1 ? SalesTax::included($rate) : SalesTax::onTop($rate),
            Money::gbp(mt_rand(0, 900)),
            new Rate(mt_rand(0, 50_000)),
            Money::gbp(mt_rand(0, 40)),
            new Rate(mt_rand(0, 1) * mt_rand(0, 150_000)),
            new Rate(mt_rand(0, 100_000)),
            Money::gbp(mt_rand(0, 1) * mt_rand(0, 500)),
        );
    }

    public static function randomLanded(): Landed
    {
        return Landed::of(
            Money::gbp(mt_rand(0, 30_000)),
            Money::gbp(mt_rand(0, 9_000)),
            Money::gbp(mt_rand(0, 900)),
            Money::gbp(mt_rand(0, 60)),
        );
    }
}
