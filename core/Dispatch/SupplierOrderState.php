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

    /** News may arrive late, twice or in the wrong order; only news from further on is taken. */
    public function canBecome(self $next): bool
    {
        if ($this === self::Refused || $this === self::Posted) {
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
            self::ToSend => 0, self::Sent => 1, self::Accepted => 2, self::Posted, self::Refused => 3,
        };
    }
}
