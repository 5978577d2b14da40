<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Owed;

use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;

/**
 * How long what was paid in with a supplier lasts. What waits to be sent is taken off first; the rest is divided by what a day
 * took, on the mean of those on record, or by the mean of the last seven where that is more: a balance must hold when trade picks up.
 */
final readonly class BalanceOutlook
{
    private const WEEK = 7;

    /**
     * @param  Money  $free  what is left once what waits is sent; below nought where that isn't enough
     * @param  Money  $aDay  what a day takes
     * @param  int|null  $days  whole days it lasts; null where nothing is spent
     * @param  bool  $short  whether it should be topped up now
     */
    private function __construct(public Money $free, public Money $aDay, public ?int $days, public bool $short)
    {
    }

    /**
     * @param  Money  $waiting  what isn't sent yet will take
     * @param  non-empty-list<int>  $spent  what each of the last days took, the latest last; minor units
     * @param  int  $warn  days below which to say so
     *
     * @throws CurrencyMismatch when these aren't in one currency
     */
    public static function of(Money $balance, Money $waiting, array $spent, int $warn): self
    {
        $free = $balance->minus($waiting);
        $mean = static fn (array $days): int => intdiv((int) array_sum($days) + count($days) - 1, max(1, count($days)));
        $aDay = max(0, $mean($spent), $mean(array_slice($spent, -self::WEEK)));
        $days = match (true) {
            $free->isNegative() => 0,
            $aDay === 0 => null,
            default => intdiv($free->minor, $aDay),
        };

        return new self($free, $balance->with($aDay), $days, $days !== null && $days < $warn);
    }
}
