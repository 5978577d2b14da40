<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Returns;

/** How far a wish to send something back is. */
enum ReturnState: string
{
    case Asked = 'asked';
    /** It may come back, and is given back for once it is there. */
    case Awaited = 'awaited';
    /** The shopper keeps it and has the money back. */
    case Kept = 'kept';
    case Arrived = 'arrived';
    case Refused = 'refused';
    /** Other pieces go out for it, as an order of their own. */
    case Exchanged = 'exchanged';

    public function canBecome(self $next): bool
    {
        return match ($this) {
            self::Asked => in_array($next, [self::Awaited, self::Kept, self::Refused, self::Arrived, self::Exchanged], true),
            self::Awaited => in_array($next, [self::Arrived, self::Kept, self::Exchanged], true),
            default => false,
        };
    }

    /** Whether nothing more becomes of it. */
    public function isSettled(): bool
    {
        return ! in_array($this, [self::Asked, self::Awaited], true);
    }

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Asked => 'asked for',
            self::Awaited => 'on its way back',
            self::Kept => 'kept by the shopper, given back for',
            self::Arrived => 'came back, given back for',
            self::Refused => 'not taken back',
            self::Exchanged => 'exchanged',
        };
    }
}
