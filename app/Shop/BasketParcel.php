<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\WayQuote;

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
        $names = array_map(static fn (BasketEntry $e): string => $e->name(), $this->entries);
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode('; ', $names).'; and '.$last;
    }
}
