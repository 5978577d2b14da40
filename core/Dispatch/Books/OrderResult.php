<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Books;

use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;

/**
 * What an order really kept, beside what it was expected to keep, and where the difference comes from.
 *
 * kept = receipts − (back − tax within it) − goods − delivery − duty − handling − fees − advertising + what others bear, and
 * less what is set by for returns as long as one may still come. The payment service keeps its fee on what is given back.
 */
final readonly class OrderResult
{
    public Money $kept;

    /**
     * @param  Till  $expected  by what was known when it was placed
     * @param  Till  $actual  by what its suppliers charged
     * @param  Money  $back  given back to the shopper, tax and all
     * @param  Money  $taxBack  within it
     * @param  Money  $borne  what suppliers and carriers pay of that
     * @param  bool  $settled  whether something came back, or nothing can any more
     *
     * @throws CurrencyMismatch when these aren't all in one currency
     */
    public function __construct(
        public Till $expected,
        public Till $actual,
        public Money $back,
        public Money $taxBack,
        public Money $borne,
        public bool $settled,
    ) {
        $released = $settled ? $actual->returns : $actual->returns->with(0);
        $this->kept = $actual->keep->plus($released)->minus($back)->plus($taxBack)->plus($borne);
    }

    /** Below nought where it kept less than expected. */
    public function difference(): Money
    {
        return $this->kept->minus($this->expected->keep);
    }

    /** @return array<string, Money> what moved it, by name; they add up to the difference */
    public function reasons(): array
    {
        $cost = static fn (Money $expected, Money $actual): Money => $expected->minus($actual);

        return array_filter([
            'goods' => $cost($this->expected->goods, $this->actual->goods),
            'delivery' => $cost($this->expected->delivery, $this->actual->delivery),
            'duty' => $cost($this->expected->duty, $this->actual->duty)
                ->plus($cost($this->expected->handling, $this->actual->handling)),
            'back' => $this->taxBack->minus($this->back),
            'borne' => $this->borne,
            'returns' => $this->settled ? $this->actual->returns : $this->actual->returns->with(0),
        ], static fn (Money $one): bool => $one->minor !== 0);
    }
}
