<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Shares;

/**
 * The tax of a basket, rate by rate; the rates' asked sums add up to what is asked, and their taxes to the tax, to the penny.
 */
final readonly class TaxDue
{
    /**
     * @param  array<int, array{asked: int, tax: int}>  $rates  by the rate in millionths, the highest first
     * @param  int  $tax  of all, minor units
     * @param  list<int>  $lines  the tax of each line, as they were given; they may add up to a penny more or less where tax
     *     is rounded by order
     */
    private function __construct(public array $rates, public int $tax, public array $lines, public int $onDelivery)
    {
    }

    /**
     * @param  list<TaxedLine>  $goods  codes taken off
     * @param  int  $delivery  what is asked for it, minor units
     * @param  Rate  $standard  of where it goes
     */
    public static function of(array $goods, int $delivery, TaxRules $rules, Rate $standard): self
    {
        $sent = self::delivery($goods, $delivery, $rules->delivery, $standard);
        $rates = [];
        foreach ([...$goods, ...$sent] as $line) {
            $key = $line->rate->millionths;
            $rates[$key] ??= ['asked' => 0, 'tax' => 0];
            $rates[$key]['asked'] += $line->asked;
            $rates[$key]['tax'] += $rules->tax($line->rate)->minorOn($line->asked);
        }
        krsort($rates);
        if ($rules->rounding === TaxRounding::Order) {
            foreach ($rates as $key => $sums) {
                $rates[$key]['tax'] = $rules->tax(new Rate($key))->minorOn($sums['asked']);
            }
        }
        $of = static fn (TaxedLine $line): int => $rules->tax($line->rate)->minorOn($line->asked);

        return new self(
            $rates,
            array_sum(array_column($rates, 'tax')),
            array_map($of, $goods),
            array_sum(array_map($of, $sent)),
        );
    }

    /**
     * The charge as lines of the rates it bears.
     *
     * @param  list<TaxedLine>  $goods
     * @return list<TaxedLine>
     */
    private static function delivery(array $goods, int $delivery, DeliveryTax $as, Rate $standard): array
    {
        $worth = [];
        foreach ($goods as $line) {
            $worth[$line->rate->millionths] = ($worth[$line->rate->millionths] ?? 0) + $line->asked;
        }
        if ($delivery === 0) {
            return [];
        }
        if ($as === DeliveryTax::Standard || $worth === []) {
            return [new TaxedLine($delivery, $standard)];
        }
        if ($as === DeliveryTax::Dearest) {
            return [new TaxedLine($delivery, new Rate(max(array_keys($worth))))];
        }
        $lines = [];
        foreach (Shares::of($delivery, $worth) as $rate => $share) {
            $lines[] = new TaxedLine($share, new Rate($rate));
        }

        return $lines;
    }
}
