<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** A country, some parts of it, or some of its postcodes. */
final readonly class Territory
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  list<string>  $parts  ISO 3166-2; none for the whole country
     * @param  Postcodes|null  $postcodes  of those parts, or of the country
     */
    public function __construct(public string $country, public array $parts = [], public ?Postcodes $postcodes = null)
    {
    }

    /** @return Nearness|null null where it doesn't hold the address, or what would decide isn't known of it */
    public function nearness(Destination $to): ?Nearness
    {
        $elsewhere = $to->country !== $this->country || ($this->parts !== [] && ! in_array($to->part, $this->parts, true));
        if ($elsewhere) {
            return null;
        }
        if ($this->postcodes !== null) {
            return $to->postcode === null ? null : $this->postcodes->nearness($to->postcode, $to->country);
        }

        return $this->parts === [] ? Nearness::country($this->country) : Nearness::part((string) $to->part);
    }
}
