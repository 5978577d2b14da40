<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** An order Oakum doesn't take, with the reason it gives. */
final class Refused extends \RuntimeException
{
    /** @param  string  $kind  for programs: "packed" where nothing can go along with an order any more */
    public function __construct(string $message, public readonly string $kind = '')
    {
        parent::__construct($message);
    }
}
