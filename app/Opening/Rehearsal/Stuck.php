<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use RuntimeException;

/** A shopper of a rehearsal can't go on. */
final class Stuck extends RuntimeException
{
    /**
     * @param  string  $words  what is amiss
     * @param  string  $read  what the shopper read of it; "" for nothing
     */
    public function __construct(string $words, public readonly string $read = '')
    {
        parent::__construct($words);
    }
}
