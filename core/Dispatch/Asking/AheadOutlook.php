<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Asking;

use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;

/** What buying ahead comes to: what it saves, what it ties up, and how long its pieces last at the rate they sell. */
final readonly class AheadOutlook
{
    /**
     * @param  Money  $saves  in all, what is paid once taken off; below nought where it costs more than it saves
     * @param  Money  $bound  paid now
     * @param  int|null  $lasts  days; null where nothing of it sells
     * @param  int|null  $even  pieces after which it has paid for itself; null where it never does
     */
    private function __construct(public Money $saves, public Money $bound, public ?int $lasts, public ?int $even)
    {
    }

    /**
     * @param  Money  $now  what a piece costs today
     * @param  Money  $offered  what it would cost
     * @param  Money  $once  whatever the number
     * @param  int  $sold  pieces sold in the last days
     * @param  int  $days  how many days those were
     *
     * @throws CurrencyMismatch when these aren't in one currency
     */
    public static function of(Money $now, Money $offered, int $pieces, Money $once, int $sold, int $days): self
    {
        $less = $now->minus($offered)->minor;

        return new self(
            saves: $now->minus($offered)->times($pieces)->minus($once),
            bound: $offered->times($pieces)->plus($once),
            lasts: $sold > 0 ? intdiv($pieces * $days + $sold - 1, $sold) : null,
            even: $less > 0 ? intdiv($once->minor + $less - 1, $less) : null,
        );
    }
}
