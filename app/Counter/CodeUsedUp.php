<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Said;

/** A code was used by others as often as it may be, while this shopper paid; its message says so to them. */
final class CodeUsedUp extends \RuntimeException implements Said
{
    public static function code(string $typed): self
    {
        return new self($typed === ''
            ? 'An offer in this basket has just been used up. Look at the new total, then go on to pay.'
            : sprintf('The code %s has just been used up. Take it out of the basket to go on.', $typed));
    }
}
