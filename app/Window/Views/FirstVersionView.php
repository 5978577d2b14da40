<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Window\FirstVersion;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/** What a first version of the page can begin from. */
final readonly class FirstVersionView
{
    /** @param  list<HeroChoiceView>  $heroes */
    public function __construct(public array $heroes)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            array_map(
                static fn (GoodCard $card): HeroChoiceView => new HeroChoiceView(
                    id: $card->id,
                    title: $card->title,
                    picture: (string) $card->picture?->url(280),
                    price: $card->price,
                ),
                FirstVersion::heroes(WindowGoods::of($stall)),
            ),
        );
    }
}
