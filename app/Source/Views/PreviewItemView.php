<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Support\Views\MoneyView;

/** An item as it will be, from the first rows of a file. */
final readonly class PreviewItemView
{
    private const SHOWN = 4;

    /** @param  list<string>  $variants  in a line each: "Chalk · 18 cm, 10.50, 47 in stock, 2.3 kg" */
    public function __construct(
        public string $code,
        public string $title,
        public string $about,
        public ?string $picture,
        public array $variants,
        public int $more,
    ) {
    }

    public static function of(Item $item): self
    {
        return new self(
            code: $item->id,
            title: $item->title,
            about: $item->category,
            picture: $item->pictures === [] ? null : PictureAddress::small($item->pictures[0], 160),
            variants: array_map(
                static fn (Variant $v): string => sprintf(
                    '%s: %s, %s in stock, %s',
                    $v->label() === '' ? $v->sku : $v->label(),
                    MoneyView::text($v->cost),
                    number_format($v->pieces()),
                    $v->grams >= 1000
                        ? rtrim(rtrim(number_format($v->grams / 1000, 3, '.', ''), '0'), '.').' kg'
                        : $v->grams.' g',
                ),
                array_slice($item->variants, 0, self::SHOWN),
            ),
            more: max(0, count($item->variants) - self::SHOWN),
        );
    }
}
