<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch;

/** How far one supplier has come with its part of an order. It only ever moves forward. */
enum SupplierOrderState: string
{
    case ToSend = 'to_send';
    case Sent = 'sent';
    case Accepted = 'accepted';
    case Posted = 'posted';
    case Refused = 'refused';
    /** Nothing of it is sent any more: its money went back before, or another source took it over. */
    case Withdrawn = 'withdrawn';

    /** News may arrive late, twice or in the wrong order; only news from further on is taken. */
    public function canBecome(self $next): bool
    {
        if (in_array($this, [self::Refused, self::Posted, self::Withdrawn], true)) {
            return false;
        }

        return $next === self::Refused || $next->rank() > $this->rank();
    }

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::ToSend => 'waiting to be sent',
            self::Sent => 'sent to the supplier',
            self::Accepted => 'accepted by the supplier',
            self::Posted => 'posted',
            self::Refused => 'refused by the supplier',
            self::Withdrawn => 'not sent any more',
        };
    }

    /** Whether there may be more news to ask the supplier for. */
    public function open(): bool
    {
        return $this === self::Sent || $this === self::Accepted;
    }

    private function rank(): int
    {
        return match ($this) {
            self::ToSend => 0, self::Sent => 1, self::Accepted => 2, self::Posted, self::Refused, self::Withdrawn => 3,
        };
    }
}
