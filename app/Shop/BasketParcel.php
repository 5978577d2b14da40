<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** What comes together of a basket, and between which days if it is paid now. */
final readonly class BasketParcel
{
    /** @param  list<BasketEntry>  $entries */
    private function __construct(public array $entries, public ArrivalDates $dates)
    {
    }

    /**
     * @param  list<BasketEntry>  $entries  that the way was worked out for
     * @return list<self>
     */
    public static function of(WayQuote $way, array $entries): array
    {
        return array_map(static fn (ParcelQuote $parcel): self => new self(
            array_map(static fn (int $at): BasketEntry => $entries[$at], $parcel->lines),
            $parcel->dates,
        ), $way->parcels);
    }

    /** What lies in it: "Hand trowel, Steel; and Jute twine". */
    public function names(): string
    {
        return self::all(array_map(static fn (BasketEntry $e): string => $e->name(), $this->entries));
    }

    /** @param  list<string>  $names  with commas of their own */
    public static function all(array $names): string
    {
        $last = array_pop($names);

        return $names === []
            ? (string) $last
            : Speech::say('till.parcels.names', first: implode('; ', $names), last: (string) $last);
    }

    /** "Monday 7 to Wednesday 9 December" */
    public function words(): string
    {
        return Spoken::between($this->dates->earliest, $this->dates->latest);
    }
}
