<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\UserMessage;
use WindowStall\Support\Speech\Speech;

/** A line of an order can't be had any more; in words for the shopper. */
final class SoldOut extends \RuntimeException implements UserMessage
{
    /** @param  string  $name  what sold out */
    private function __construct(string $message, public readonly string $name)
    {
        parent::__construct($message);
    }

    public static function line(OrderLine $line): self
    {
        return new self(Speech::say('till.trouble.sold_out', name: $line->name()), $line->name());
    }
}
