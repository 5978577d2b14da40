<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use WindowStall\Core\UserMessage;

/** Text that can't be read as an amount, with the words a person needs to mend it. */
final class MoneyUnreadable extends \InvalidArgumentException implements UserMessage
{
    public static function currency(string $code): self
    {
        return new self(
            sprintf('“%s” is no currency: three capital letters are needed, such as GBP.', mb_substr($code, 0, 12)),
        );
    }

    public static function amount(string $text): self
    {
        return new self(sprintf('“%s” can’t be read as an amount. Write it as 12.95.', mb_substr($text, 0, 20)));
    }

    public static function tooFine(string $text, Currency $currency): self
    {
        return new self(
            sprintf(
                '“%s” is finer than %s goes: %d decimals at most.',
                mb_substr($text, 0, 20),
                $currency->code,
                $currency->decimals,
            ),
        );
    }

    public static function tooLarge(string $text): self
    {
        return new self(sprintf('“%s” is more than a till can hold. 1,000,000 is the most.', mb_substr($text, 0, 20)));
    }
}
