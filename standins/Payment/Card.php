<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

/** The test cards and what each does. */
enum Card: string
{
    case Approves = 'approves';
    case Second = 'second';
    case Declines = 'declines';
    case Slow = 'slow';
    case Abroad = 'abroad';

    public function number(): string
    {
        return match ($this) {
            self::Approves => '9000 0000 0000 0001',
            self::Second => '9000 0000 0000 0004',
            self::Declines => '9000 0000 0000 0002',
            self::Slow => '9000 0000 0000 0003',
            self::Abroad => '9000 0000 0000 0005',
        };
    }

    /** Where its bank is; null: as where it is used. */
    public function country(): ?string
    {
        return $this === self::Abroad ? 'NZ' : null;
    }

    public function words(): string
    {
        return match ($this) {
            self::Approves => 'approves at once',
            self::Second => 'asks its holder once more',
            self::Declines => 'is declined',
            self::Slow => 'approves after 4 seconds, and takes 15 to confirm',
            self::Abroad => 'approves, and is from far away',
        };
    }
}
