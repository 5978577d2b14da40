<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use DateTimeImmutable;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\DeliveryTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxNumber;
use WindowStall\Core\Tax\TaxRounding;
use WindowStall\Core\Tax\TaxRules;
use WindowStall\Core\Tax\TaxTable;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** How a stall's goods are taxed where they go, as its rates, classes and markets have it. */
final class Taxes
{
    private readonly TaxTable $table;

    /** @var array<string, TaxClass> by "by value" */
    private array $classes = [];

    private readonly DateTimeImmutable $today;

    private function __construct(private readonly Stall $stall, private readonly CostSheet $sheet)
    {
        $this->table = new TaxTable(
            array_values($stall->taxRates->map(static fn (StallTaxRate $rate) => $rate->core())->all()),
        );
        foreach ($stall->taxClasses as $class) {
            $this->classes[$class->by.' '.mb_strtolower($class->value)] = $class->class;
        }
        $this->today = now()->setTimezone(Clock::of($stall)->zone)->toDateTimeImmutable();
    }

    public static function of(Stall $stall, ?CostSheet $sheet = null): self
    {
        return new self($stall, $sheet ?? CostSheet::of($stall));
    }

    /** @param  string|null  $type  what the goods are */
    public function classOf(int $listing, ?string $type): TaxClass
    {
        return $this->classes['listing '.$listing]
            ?? $this->classes['type '.mb_strtolower((string) $type)]
            ?? TaxClass::Standard;
    }

    /** @param  DateTimeImmutable|null  $day  of the sale; today when null */
    public function rate(TaxClass $class, Destination $to, ?DateTimeImmutable $day = null): Rate
    {
        return $this->table->rate($class, $to, $day ?? $this->today, $this->sheet->standardTax($to->country));
    }

    public function rules(string $country): TaxRules
    {
        $market = $country === $this->stall->home_market ? null : $this->stall->marketRows->firstWhere('market', $country);
        $from = $market ?? $this->stall;

        return new TaxRules(
            $this->sheet->taxIncluded($country),
            DeliveryTax::from($from->delivery_tax),
            TaxRounding::from($from->tax_rounding),
        );
    }

    /** Whether businesses registered there buy without tax, and owe it themselves: where their numbers can be checked. */
    public function reverses(string $country): bool
    {
        return $country !== $this->stall->home_market
            && TaxNumber::isKnown($country)
            && (bool) $this->stall->marketRows->firstWhere('market', $country)?->reverse_charge;
    }
}
