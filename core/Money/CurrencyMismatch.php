<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

/** Two amounts of different currencies met where only one may stand: a mistake in the program, not in the input. */
final class CurrencyMismatch extends \LogicException
{
    public static function between(Currency $one, Currency $other): self
    {
        return new self(sprintf('%s and %s can’t be added up; convert one first.', $one->code, $other->code));
    }
}
