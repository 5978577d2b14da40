<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** What delivery is asked for: from a warehouse to a country, so heavy. */
final readonly class ParcelToQuote
{
    public function __construct(public string $warehouse, public string $destination, public int $grams)
    {
    }
}
