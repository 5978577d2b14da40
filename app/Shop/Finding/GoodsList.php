<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use Closure;
use Illuminate\Database\Query\Builder;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** A list of goods as it is asked for: which goods, under which heading, at which address. */
final readonly class GoodsList
{
    /**
     * @param  Closure(ShelfOrder|null): Builder  $goods  rows of goods_facts in that order, or in the list's own
     * @param  string  $path  its address, without what it is asked with
     * @param  string  $words  what stands above the goods
     * @param  string|null  $title  for search engines
     * @param  array<string, string>  $asked  what stands in every address of the list
     * @param  string|null  $searched  the words that were looked for; null where nothing was
     * @param  string|null  $meant  those they were taken for
     * @param  bool  $composed  whether a picture is composed of its goods for whoever shares it
     */
    public function __construct(
        public Closure $goods,
        public string $heading,
        public string $path,
        public string $words = '',
        public ?string $title = null,
        public string $description = '',
        public array $asked = [],
        public ?string $searched = null,
        public ?string $meant = null,
        public bool $composed = false,
    ) {
    }

    /** Everything in the window. */
    public static function all(Stall $stall): self
    {
        return new self(
            goods: static fn (?ShelfOrder $sort): Builder => ShelfGoods::ordered(
                ShelfGoods::all($stall),
                $sort ?? ShelfOrder::Newest,
            ),
            heading: Speech::say('shop.everything_here'),
            path: '/goods',
            description: Speech::say('shop.list.about_all', shop: $stall->name),
        );
    }
}
