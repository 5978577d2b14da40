<?php

declare(strict_types=1);

namespace WindowStall\Counter\Told;

/** What a shopper is mailed about an order. */
enum TellKind: string
{
    case Thanks = 'thanks';
    case Posted = 'posted';
    case Refunded = 'refunded';

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Thanks => 'Thank you',
            self::Posted => 'A parcel is posted',
            self::Refunded => 'The money is back',
        };
    }
}
