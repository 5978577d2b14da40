<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Money\Money;

/** One variant as its supplier says it. */
final readonly class Variant
{
    /**
     * @param  int  $grams  of one piece, as it is posted
     * @param  string  $id  the supplier's own id, stable from pull to pull
     * @param  array<string, string>  $options  option name → value, in the supplier's order and spelling
     * @param  array<string, int>  $stock  pieces by warehouse (ISO 3166 country)
     * @param  int|null  $picture  index into the item's pictures
     */
    public function __construct(
        public string $id,
        public string $sku,
        public ?string $barcode,
        public array $options,
        public Money $cost,
        public ?Money $rrp,
        public int $grams,
        public array $stock,
        public ?int $picture,
    ) {
    }

    /** Pieces in all warehouses together. */
    public function pieces(): int
    {
        return array_sum($this->stock);
    }

    /** The values joined for a line of text: "Copper · Large"; empty for an item without options. */
    public function label(): string
    {
        return implode(' · ', $this->options);
    }
}
