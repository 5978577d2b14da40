<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/**
 * One row of a file, read: one variant, with what the row says of its item. Amounts in minor units of the mapping's
 * currency.
 */
final readonly class FeedRow
{
    /**
     * @param  int  $row  its number in the file, from 1
     * @param  int  $cost  in minor units of the mapping’s currency
     * @param  int|null  $rrp  in minor units
     * @param  int  $stock  pieces
     * @param  int  $grams  of one piece
     * @param  string  $item  what rows of one item share
     * @param  array<string, string>  $options
     * @param  list<string>  $pictures  addresses
     */
    public function __construct(
        public int $row,
        public string $item,
        public string $sku,
        public ?string $barcode,
        public string $title,
        public string $words,
        public string $category,
        public int $cost,
        public ?int $rrp,
        public int $stock,
        public int $grams,
        public array $options,
        public array $pictures,
    ) {
    }
}
