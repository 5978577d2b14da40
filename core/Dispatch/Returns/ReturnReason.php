<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Returns;

use WindowStall\Core\Dispatch\Refund\Bearer;

/** Why somebody sends something back. */
enum ReturnReason: string
{
    case Unwanted = 'unwanted';
    case Small = 'small';
    case Large = 'large';
    case Broken = 'broken';
    case Wrong = 'wrong';
    case Late = 'late';

    /** As the seller reads it, after a colon. */
    public function words(): string
    {
        return match ($this) {
            self::Unwanted => 'not wanted after all',
            self::Small => 'too small',
            self::Large => 'too large',
            self::Broken => 'it came broken',
            self::Wrong => 'not what was ordered',
            self::Late => 'it came too late',
        };
    }

    /** Whose fault it is, as a proposal: what came broken or wrong is its sender's, what came late the carrier's. */
    public function bearer(): Bearer
    {
        return match ($this) {
            self::Broken, self::Wrong => Bearer::Supplier,
            self::Late => Bearer::Carrier,
            default => Bearer::Stall,
        };
    }

    /** Whether the shopper has no fault in it: then delivery is given back with the goods, and they pay no postage. */
    public function isOurs(): bool
    {
        return $this->bearer() !== Bearer::Stall;
    }
}
