<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Asking;

/** How far a request to a supplier has come. */
enum WishState: string
{
    case ToSend = 'to_send';
    case Asked = 'asked';
    case Offered = 'offered';
    case Taken = 'taken';
    case Declined = 'declined';
    /** The seller asks no more. */
    case Closed = 'closed';

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::ToSend => 'is being sent',
            self::Asked => 'waits for an answer',
            self::Offered => 'has an offer',
            self::Taken => 'taken',
            self::Declined => 'they can’t',
            self::Closed => 'not wanted any more',
        };
    }

    /** Whether it may still bring something. */
    public function open(): bool
    {
        return in_array($this, [self::ToSend, self::Asked, self::Offered], true);
    }
}
