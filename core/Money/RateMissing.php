<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use WindowStall\Core\UserMessage;

/** An amount in a currency nobody gave a rate for. */
final class RateMissing extends \InvalidArgumentException implements UserMessage
{
    public static function between(Currency $from, Currency $into): self
    {
        return new self(
            sprintf('There is no exchange rate from %s to %s. Set one on the cost sheet.', $from->code, $into->code),
        );
    }
}
