<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;

/**
 * What an order is expected to cost its seller, until suppliers say what they really charge.
 *
 * Delivery of several pieces is guessed piece by piece; handling is paid by parcel, one from each supplier.
 */
final readonly class ExpectedCosts
{
    private function __construct(
        public Money $goods,
        public Money $delivery,
        public Money $duty,
        public Money $handling,
    ) {
    }

    /**
     * @param  list<ExpectedLine>  $lines
     * @param  Money  $handling  of one parcel
     *
     * @throws CurrencyMismatch when an amount isn't in the currency of the handling
     */
    public static function of(array $lines, Money $handling): self
    {
        $parcels = count(array_unique(array_map(static fn (ExpectedLine $l): int => $l->supplier, $lines)));
        $sum = static fn (callable $each): Money => self::sum($lines, $each, $handling->currency);

        return new self(
            goods: $sum(static fn (ExpectedLine $l): Money => $l->goods),
            delivery: $sum(static fn (ExpectedLine $l): Money => $l->delivery),
            duty: $sum(static fn (ExpectedLine $l): Money => $l->duty),
            handling: $handling->times($parcels),
        );
    }

    /**
     * @param  list<ExpectedLine>  $lines
     * @param  Money  $handling  of one parcel
     * @return array<int, self> by supplier
     *
     * @throws CurrencyMismatch when an amount isn't in the currency of the handling
     */
    public static function bySupplier(array $lines, Money $handling): array
    {
        $of = [];
        foreach ($lines as $line) {
            $of[$line->supplier][] = $line;
        }

        return array_map(static fn (array $some): self => self::of($some, $handling), $of);
    }

    /**
     * @param  list<ExpectedLine>  $lines
     * @param  callable(ExpectedLine): Money  $each  of one piece
     */
    private static function sum(array $lines, callable $each, Currency $currency): Money
    {
        return array_reduce(
            $lines,
            static fn (Money $sum, ExpectedLine $l): Money => $sum->plus($each($l)->times($l->pieces)),
            Money::zero($currency),
        );
    }
}
