<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Money\Shares;

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
     * What pieces of one or several prices come to on this rung, never below nothing; those beyond a total's number at its
     * price per piece. A share and a total are rounded once over all of them and shared out by what the lines came to.
     *
     * @param  non-empty-list<array{piece: int, pieces: int}>  $lines  what one piece costs, in minor units, and how many
     * @return list<int> of each line, minor units
     */
    public function prices(array $lines): array
    {
        $full = array_map(static fn (array $line): int => $line['piece'] * $line['pieces'], $lines);

        return match ($this->kind) {
            RungKind::Amount => array_map(
                fn (array $line): int => max(0, $line['piece'] - $this->value) * $line['pieces'],
                $lines,
            ),
            RungKind::Percent => array_values(Shares::of(
                Rounding::halfUp(array_sum($full), max(0, Rate::WHOLE - $this->value), Rate::WHOLE),
                $full,
            )),
            RungKind::Total => array_values(Shares::of(
                Rounding::halfUp($this->value, array_sum(array_column($lines, 'pieces')), $this->pieces),
                $full,
            )),
        };
    }
}
