<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Said;

/** A line of an order can't be had any more; in words for the shopper. */
final class SoldOut extends \RuntimeException implements Said
{
    private function __construct(string $message, private readonly string $name)
    {
        parent::__construct($message);
    }

    public static function line(OrderLine $line): self
    {
        return new self(
            sprintf('%s sold out while you were paying. Your payment was let go; nothing was charged.', $line->name()),
            $line->name(),
        );
    }

    /** The same while the payment is still to be let go. */
    public function meanwhile(): string
    {
        return sprintf('%s sold out while you were paying. Your payment is being let go; nothing is charged.', $this->name);
    }
}
