<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Support\Views\MoneyView;

/** What is kept of one piece of some goods at one place, or why there is nothing. */
final readonly class KeepCellView
{
    public const HOLE = 'hole';

    public const LOSS = 'loss';

    /**
     * @param  string  $kind  keeps, loss, hole, or unknown
     * @param  string  $mend  what would go, or why not; "" where nothing is amiss
     */
    private function __construct(public string $kind, public ?MoneyView $keep, public string $mend)
    {
    }

    public static function of(Money $keep, string $mend): self
    {
        return new self($keep->isNegative() ? self::LOSS : 'keeps', MoneyView::of($keep), $mend);
    }

    public static function hole(string $why, bool $known): self
    {
        return new self($known ? self::HOLE : 'unknown', null, $why);
    }
}
