<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Opening\Arrangement;
use WindowStall\Opening\FirstShop;
use WindowStall\Opening\LaidWay;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;

/** One way a first shop is laid out in, to look at. */
final readonly class LaidWayView
{
    /**
     * @param  string  $look  what its look is called
     * @param  string  $front  address of its front page
     * @param  string  $goods  address of a page of goods
     */
    public function __construct(
        public int $way,
        public string $words,
        public string $look,
        public string $front,
        public string $goods,
    ) {
    }

    public static function of(Stall $stall, FirstShop $first, Arrangement $way): self
    {
        $with = ['firstShop' => $first->id, 'way' => $way->value];

        return new self(
            way: $way->value,
            words: $way->words(),
            look: LaidWay::of($stall, $first, $way)->front->look->name,
            front: PreviewLinks::to($stall, 'shop.preview.first', $with),
            goods: PreviewLinks::to($stall, 'shop.preview.first.goods', $with),
        );
    }
}
