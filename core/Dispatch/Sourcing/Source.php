<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/** Where the pieces of a line can come from, and what that costs. Minor units of the stall's currency. */
final readonly class Source
{
    /**
     * @param  int  $variant  the supplier's variant
     * @param  string  $warehouse  ISO 3166-1; what goes together comes from one supplier's one warehouse
     * @param  int  $pieces  to be had
     * @param  int  $goods  of one piece
     * @param  int  $first  a parcel with one piece
     * @param  int  $further  each further piece in that parcel
     * @param  string  $by  the last day it is there, as YYYY-MM-DD
     * @param  bool  $asSold  whether it is what the shopper was promised it from
     */
    public function __construct(
        public int $variant,
        public int $supplier,
        public string $warehouse,
        public int $pieces,
        public int $goods,
        public int $first,
        public int $further,
        public string $by,
        public bool $asSold = false,
    ) {
    }

    /** No line has one twice. */
    public function key(): string
    {
        return $this->variant.' '.$this->warehouse;
    }

    public function parcel(): string
    {
        return $this->supplier.' '.$this->warehouse;
    }
}
