<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Carbon\CarbonImmutable;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\StallTaxRate;

/** A rate besides a country's standard one, in words and as it is changed. */
final readonly class TaxRateView
{
    /**
     * @param  string  $where  "California", "90001–90089 in California"; "" for the whole country
     * @param  string  $from  "from 1 Jan 2027 on"; "" where it has counted for long
     * @param  list<string>  $parts
     * @param  string  $share  as a decimal
     */
    public function __construct(
        public int $id,
        public string $where,
        public string $class,
        public string $rate,
        public string $from,
        public string $source,
        public array $parts,
        public string $postcodes,
        public string $share,
        public string $day,
        public bool $ahead,
    ) {
    }

    public static function of(StallTaxRate $rate): self
    {
        $parts = implode(', ', array_map(Places::nameOf(...), $rate->parts));

        return new self(
            id: $rate->id,
            where: match (true) {
                $rate->postcodes === null => $parts,
                $parts === '' => $rate->postcodes,
                default => $rate->postcodes.' in '.$parts,
            },
            class: $rate->class->value,
            rate: (new Rate($rate->rate_millionths))->percent(),
            from: $rate->turned ? '' : 'from '.CarbonImmutable::parse($rate->from_day)->format('j F Y').' on',
            source: $rate->source,
            parts: $rate->parts,
            postcodes: (string) $rate->postcodes,
            share: RecipeNotation::decimal($rate->rate_millionths),
            day: $rate->from_day,
            ahead: ! $rate->turned,
        );
    }
}
