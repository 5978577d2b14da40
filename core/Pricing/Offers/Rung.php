<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;

/** One step of a multi-buy ladder: from so many pieces on, a lower price. */
final readonly class Rung
{
    /**
     * @param  int  $pieces  from 2
     * @param  int  $value  millionths of a percent rate, or minor units
     */
    private function __construct(public int $pieces, public RungKind $kind, public int $value)
    {
        if ($pieces < 2) {
            throw new \InvalidArgumentException('A rung begins at two pieces.');
        }
    }

    /** @param  int  $pieces  from 2 */
    public static function percent(int $pieces, Rate $off): self
    {
        return new self($pieces, RungKind::Percent, $off->millionths);
    }

    /** @param  int  $pieces  from 2 */
    public static function amount(int $pieces, Money $off): self
    {
        return new self($pieces, RungKind::Amount, $off->minor);
    }

    /** @param  int  $pieces  from 2 */
    public static function total(int $pieces, Money $total): self
    {
        return new self($pieces, RungKind::Total, $total->minor);
    }

    /**
     * What so many pieces cost together on this rung, never below nothing; those beyond a total's number at its price
     * per piece.
     *
     * @param  int  $quantity  pieces
     */
    public function price(Money $piece, int $quantity): Money
    {
        return $piece->with(
            max(
                0,
                match ($this->kind) {
                    RungKind::Percent => Rounding::halfUp(
                        $piece->minor * $quantity,
                        max(0, Rate::WHOLE - $this->value),
                        Rate::WHOLE,
                    ),
                    RungKind::Amount => ($piece->minor - $this->value) * $quantity,
                    RungKind::Total => Rounding::halfUp($this->value, $quantity, $this->pieces),
                },
            ),
        );
    }
}
