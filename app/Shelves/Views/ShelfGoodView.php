<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One of the goods on a shelf. */
final readonly class ShelfGoodView
{
    /** @param  string  $place  what a person said of it: pin, in, at or nothing */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $picture,
        public ?MoneyView $price,
        public ?MoneyView $keep,
        public bool $loses,
        public bool $buyable,
        public int $stock,
        public string $place,
    ) {
    }

    /** @param  \stdClass  $row  of goods_facts, with what was said of its place */
    public static function of(Stall $stall, \stdClass $row, ?Picture $picture): self
    {
        $minor = static fn (mixed $n): ?int => $n === null ? null : (int) $n;

        return new self(
            id: (int) $row->listing_id,
            title: (string) $row->title,
            picture: $picture?->url(150),
            price: MoneyView::ofNullable($stall->moneyOrNull($minor($row->price_minor))),
            keep: MoneyView::ofNullable($stall->moneyOrNull($minor($row->keep_minor))),
            loses: $row->keep_minor !== null && (int) $row->keep_minor < 0,
            buyable: (bool) $row->buyable,
            stock: (int) $row->stock,
            place: (string) ($row->kind ?? ''),
        );
    }
}
