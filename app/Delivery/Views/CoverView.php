<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

/** A country that a place holds, or those postcodes of it. */
final readonly class CoverView
{
    /** @param  list<string>  $parts  ISO 3166-2 */
    public function __construct(public string $country, public string $said, public array $parts, public string $postcodes)
    {
    }
}
