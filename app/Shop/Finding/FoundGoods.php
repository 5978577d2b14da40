<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

/** What was found, with what it can be narrowed down by further. */
final readonly class FoundGoods
{
    /**
     * @param  list<int>  $listings  those of the page
     * @param  int  $count  of all pages
     * @param  int  $page  from 1; the last where one beyond it was asked for
     * @param  list<Facet>  $facets
     * @param  array{least: string, most: string}  $prices  from and to, in digits; "" where nothing has one
     * @param  list<array{words: string, without: string, goods: int}>  $taken  what it is narrowed down by, where one
     *     gets without it, and to how many goods
     */
    public function __construct(
        public array $listings,
        public int $count,
        public int $page,
        public int $pages,
        public array $facets,
        public array $prices,
        public array $taken,
    ) {
    }
}
