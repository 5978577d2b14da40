<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

use WindowStall\Core\UserMessage;

/** Postcodes were written in no form that is known; its message says so to whoever wrote them. */
final class PostcodesUnreadable extends \InvalidArgumentException implements UserMessage
{
    public static function part(string $part): self
    {
        return new self(sprintf(
            '“%s” can’t be read as postcodes. Write them as “BT”, “IV*”, “PH17–50”, “97xxx” or “10000–19999”.',
            mb_strimwidth($part, 0, 40, '…'),
        ));
    }

    public static function count(int $count): self
    {
        return new self(
            $count === 0
                ? 'No postcode is written here.'
                : sprintf('These are %s postcodes and ranges; a place takes %d.', number_format($count), Postcodes::MOST),
        );
    }
}
