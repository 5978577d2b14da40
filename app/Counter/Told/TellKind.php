<?php

declare(strict_types=1);

namespace WindowStall\Counter\Told;

/** What a shopper is mailed about an order. */
enum TellKind: string
{
    case Thanks = 'thanks';
    case Posted = 'posted';
    case Late = 'late';
    case There = 'there';
    case Refunded = 'refunded';
    case Returned = 'returned';
    case Said = 'said';

    /** Whether it is of one parcel. */
    public function ofParcel(): bool
    {
        return in_array($this, [self::Posted, self::Late, self::There], true);
    }

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Thanks => 'Thank you',
            self::Posted => 'A parcel is posted',
            self::Late => 'A parcel is late',
            self::There => 'A parcel is there',
            self::Refunded => 'The money is back',
            self::Returned => 'A return is answered',
            self::Said => 'What do you say of it?',
        };
    }
}
