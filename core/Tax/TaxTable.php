<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use DateTimeImmutable;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Money\Rate;

/** All rates of a stall. Of those that hold an address the nearest counts; of as near ones the latest. */
final readonly class TaxTable
{
    /** @param  list<TaxRate>  $rates */
    public function __construct(public array $rates)
    {
    }

    /** The rate of a class at an address on a day; null where none is said of that class. */
    public function of(TaxClass $class, Destination $to, DateTimeImmutable $day): ?TaxRate
    {
        $best = $nearest = null;
        foreach ($this->rates as $rate) {
            $nearness = $rate->class === $class && $rate->counts($day) ? $rate->territory->nearness($to) : null;
            if ($nearness === null) {
                continue;
            }
            if ($nearest === null || [$nearness->rank, $rate->from] > [$nearest, $best->from ?? '']) {
                [$best, $nearest] = [$rate, $nearness->rank];
            }
        }

        return $best;
    }

    /**
     * The same with what stands where nothing is said: goods of the reduced class bear the standard rate where a country says
     * no reduced one, and those without tax none.
     *
     * @param  Rate  $standard  of the country
     */
    public function rate(TaxClass $class, Destination $to, DateTimeImmutable $day, Rate $standard): Rate
    {
        if (! $class->hasRate()) {
            return Rate::none();
        }
        $said = $this->of($class, $to, $day) ?? ($class === TaxClass::Standard ? null : $this->of(TaxClass::Standard, $to, $day));

        return $said->rate ?? $standard;
    }
}
