<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Asking;

/** What a supplier can be asked for besides what it has. */
enum WishKind: string
{
    /** Goods that aren't in its range. */
    case Goods = 'goods';
    /** An item of its, with another logo, colour or packing. */
    case Change = 'change';
    /** A piece to oneself, to look at. */
    case Sample = 'sample';
    /** Many pieces at once, kept there, for less each. */
    case Ahead = 'ahead';

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Goods => 'goods it hasn’t got',
            self::Change => 'a change to its goods',
            self::Sample => 'a sample to you',
            self::Ahead => 'pieces bought ahead',
        };
    }

    public function needsVariant(): bool
    {
        return $this === self::Sample || $this === self::Ahead;
    }
}
