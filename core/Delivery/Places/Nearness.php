<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** How near a place comes to an address, and by what: of several places that have it, the nearest counts. */
final readonly class Nearness
{
    private function __construct(public float $rank, public NearBy $by, public string $as)
    {
    }

    public static function postcode(PostcodePattern $pattern): self
    {
        return new self(3 + $pattern->fixed / 100, NearBy::Postcode, $pattern->said);
    }

    /** What a country's postcodes hold when some are taken out is nearer than the country, and further than any part of it. */
    public static function allBut(string $said): self
    {
        return new self(1.5, NearBy::AllBut, $said);
    }

    public static function part(string $part): self
    {
        return new self(2, NearBy::Part, $part);
    }

    public static function country(string $country): self
    {
        return new self(1, NearBy::Country, $country);
    }

    public static function anywhere(): self
    {
        return new self(0, NearBy::Anywhere, '');
    }
}
