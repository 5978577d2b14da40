<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

/** What of a variant is looked at when a pull is judged. */
final readonly class VariantGlance
{
    /**
     * @param  string  $label  as a person reads it: "Hand trowel · Copper"
     * @param  int  $cost  minor units of the item's currency
     * @param  string  $currency  ISO 4217
     * @param  int  $pieces  in stock, wherever they lie
     */
    public function __construct(
        public string $label,
        public int $cost,
        public string $currency,
        public int $pieces,
        public ?string $barcode,
    ) {
    }
}
