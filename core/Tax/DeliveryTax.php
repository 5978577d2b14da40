<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

/** At which rate a charge for delivery is taxed. */
enum DeliveryTax: string
{
    /** The standard rate, whatever is sent. */
    case Standard = 'standard';
    /** The highest of the goods that are sent. */
    case Dearest = 'dearest';
    /** In proportion to what the goods at each rate are worth. */
    case Shared = 'shared';

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'at the standard rate',
            self::Dearest => 'as the goods with the highest rate',
            self::Shared => 'in proportion to the goods',
        };
    }
}
