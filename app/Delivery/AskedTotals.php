<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxDue;
use WindowStall\Core\Tax\TaxedLine;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Taxes;

/** What a shopper would be asked for goods by a way, in the currency of where they go, with its tax by rate. */
final readonly class AskedTotals
{
    private function __construct(
        private Money $goods,
        private Money $charge,
        private Money $total,
        private TaxDue $due,
        public Money $taxAtHome,
    ) {
    }

    /** @param  list<WantedLine>  $lines  that it sends */
    public static function of(Stall $stall, Resolved $asked, WayQuote $way, array $lines): self
    {
        $market = $stall->seen();
        $taxes = Taxes::of($stall);
        $rules = $taxes->rules($asked->to->country);
        $charge = $market->show($way->charge);
        $taxed = array_map(static fn (WantedLine $line): TaxedLine => new TaxedLine(
            ($line->shown ?? $market->show($line->price))->minor,
            $taxes->rate($line->taxClass, $asked->to, $asked->paid),
        ), $lines);
        $due = TaxDue::of($taxed, $charge->minor, $rules, $taxes->rate(TaxClass::Standard, $asked->to, $asked->paid));
        $goods = $market->money(array_sum(array_map(static fn (TaxedLine $line): int => $line->asked, $taxed)));
        $sum = $goods->plus($charge);

        return new self(
            $goods,
            $charge,
            $rules->included ? $sum : $sum->plus($market->money($due->tax)),
            $due,
            $market->worth($market->money($due->tax)),
        );
    }

    /** @return array<string, mixed> amounts as decimals */
    public function say(): array
    {
        $digits = fn (int $minor): string => $this->goods->with($minor)->digits();

        return [
            'currency' => $this->goods->currency->code,
            'goods' => $this->goods->digits(),
            'charge' => $this->charge->digits(),
            'tax' => $digits($this->due->tax),
            'total' => $this->total->digits(),
            'taxes' => array_map(static fn (int $rate, array $sums): array => [
                'rate' => RecipeNotation::decimal($rate),
                'asked' => $digits($sums['asked']),
                'tax' => $digits($sums['tax']),
            ], array_keys($this->due->rates), array_values($this->due->rates)),
        ];
    }
}
