<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** More was asked back than was paid and isn't back yet, or nothing at all. */
final class RefundRefused extends \InvalidArgumentException
{
    /**
     * @param  RefundLimit  $limit  what it is about
     * @param  int  $left  what is left of it: pieces, or minor units
     * @param  int|null  $of  the line, where it is about pieces
     */
    private function __construct(public readonly RefundLimit $limit, public readonly int $left, public readonly ?int $of = null)
    {
        parent::__construct(sprintf('%s: %d left.', $limit->value, $left));
    }

    public static function pieces(int $line, int $left): self
    {
        return new self(RefundLimit::Pieces, $left, $line);
    }

    public static function delivery(int $left): self
    {
        return new self(RefundLimit::Delivery, $left);
    }

    public static function amount(int $left): self
    {
        return new self(RefundLimit::Amount, $left);
    }

    public static function nothing(): self
    {
        return new self(RefundLimit::Nothing, 0);
    }
}
