<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\UserMessage;

/** An ending such as .95 asked of a currency that has no such part. */
final class EndingOutOfRange extends \InvalidArgumentException implements UserMessage
{
    /** @param  int  $minor  the part below the whole unit, in minor units */
    public static function for(int $minor, Currency $currency): self
    {
        return new self(
            sprintf(
                'Prices in %s can’t end in %d: the part below the whole unit goes up to %d.',
                $currency->code,
                $minor,
                $currency->minorPerUnit() - 1,
            ),
        );
    }
}
