<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** Where a parcel is to go, as far as that decides by which way and at what charge. */
final readonly class Destination
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  string|null  $part  ISO 3166-2 of a state, province or island; null where the address names none
     * @param  string|null  $postcode  as {@see \WindowStall\Core\Delivery\Postcode::read} gives it; null before it is known
     */
    public function __construct(public string $country, public ?string $part = null, public ?string $postcode = null)
    {
    }
}
