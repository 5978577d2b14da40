<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/**
 * Makes one supplier item of the rows that share its code. The first row speaks for the item; pictures are gathered
 * from all.
 */
final readonly class AssembleItem
{
    private Currency $currency;

    private DayRange $processing;

    public function __construct(private Mapping $mapping)
    {
        $this->currency = Currency::of($mapping->currency);
        $this->processing = new DayRange(min($mapping->processing), max($mapping->processing));
    }

    /** @param  non-empty-list<FeedRow>  $lines */
    public function from(array $lines): Item
    {
        $first = $lines[0];
        $pictures = [];
        $variants = [];
        foreach ($lines as $line) {
            foreach ($line->pictures as $address) {
                $pictures[$address] ??= count($pictures);
            }
            $variants[] = new Variant(
                $line->sku,
                $line->sku,
                $line->barcode,
                $line->options,
                new Money($line->cost, $this->currency),
                $line->rrp === null ? null : new Money($line->rrp, $this->currency),
                $line->grams,
                [$this->mapping->warehouse => $line->stock],
                isset($line->pictures[0]) ? $pictures[$line->pictures[0]] : null,
            );
        }

        return new Item(
            $first->item,
            $first->title,
            $first->words,
            $first->category,
            array_map(strval(...), array_keys($pictures)),
            $this->mapping->currency,
            $this->processing,
            null,
            $variants,
        );
    }
}
