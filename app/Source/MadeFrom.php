<?php

declare(strict_types=1);

namespace WindowStall\Source;

/** What goods were made from, and what is amiss with that. */
final readonly class MadeFrom
{
    /**
     * @param  string  $name  as the stall calls it
     * @param  string  $address  where it is changed
     * @param  list<string>  $amiss  sentences, the most pressing first
     */
    public function __construct(public string $name, public string $address, public array $amiss)
    {
    }
}
