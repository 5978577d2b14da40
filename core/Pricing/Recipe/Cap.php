<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Money;

/** The most a recipe may ask: the supplier's recommended retail price, or an amount. */
final readonly class Cap
{
    private function __construct(public ?Money $amount)
    {
    }

    public static function rrp(): self
    {
        return new self(null);
    }

    public static function at(Money $amount): self
    {
        return new self($amount);
    }

    /**
     * @param  Money|null  $rrp  in the currency of the price; null where the supplier gives none, and then nothing caps
     */
    public function most(?Money $rrp): ?Money
    {
        return $this->amount ?? $rrp;
    }

    public function words(): string
    {
        return $this->amount?->digits() ?? 'the RRP';
    }
}
