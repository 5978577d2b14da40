<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Said;

/** A line of an order can't be had any more; in words for the shopper. */
final class SoldOut extends \RuntimeException implements Said
{
    public static function line(OrderLine $line): self
    {
        return new self(
            sprintf('%s sold out while you were paying. Your payment was let go; nothing was charged.', $line->name()),
        );
    }
}
