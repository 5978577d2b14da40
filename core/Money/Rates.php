<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

/** The exchange rates at hand, all into one currency. */
final readonly class Rates
{
    private ExchangeRate $none;

    /** @param  array<string, ExchangeRate>  $from  by the code of the other currency */
    public function __construct(public Currency $into, private array $from = [])
    {
        $this->none = ExchangeRate::none($into);
    }

    /** @throws RateMissing */
    public function from(Currency $currency): ExchangeRate
    {
        return $currency->code === $this->into->code
            ? $this->none
            : $this->from[$currency->code] ?? throw RateMissing::between($currency, $this->into);
    }
}
