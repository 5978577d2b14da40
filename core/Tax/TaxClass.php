<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

/** How goods are taxed: by which of a country's rates. */
enum TaxClass: string
{
    case Standard = 'standard';
    case Reduced = 'reduced';
    /** Taxed, at nothing: it is told of in returns, as opposed to what is exempt. */
    case Zero = 'zero';
    case Exempt = 'exempt';

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'the standard rate',
            self::Reduced => 'the reduced rate',
            self::Zero => 'no tax, at a rate of nought',
            self::Exempt => 'no tax, exempt',
        };
    }

    /** Whether there is a rate to be said of it. */
    public function hasRate(): bool
    {
        return $this === self::Standard || $this === self::Reduced;
    }
}
