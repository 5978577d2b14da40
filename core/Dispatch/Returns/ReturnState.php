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

    public function canBecome(self $next): bool
    {
        return match ($this) {
            self::Asked => in_array($next, [self::Awaited, self::Kept, self::Refused, self::Arrived], true),
            self::Awaited => in_array($next, [self::Arrived, self::Kept], true),
            default => false,
        };
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
        };
    }
}
