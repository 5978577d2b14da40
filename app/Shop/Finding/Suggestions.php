<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Shelves\SearchGoods;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/** A few goods and shelves that somebody who is still typing may mean. */
final class Suggestions
{
    private const GOODS = 5;

    private const SHELVES = 2;

    /** @return array{goods: list<array<string, string>>, shelves: list<array<string, string>>} */
    public static function of(Stall $stall, SearchWords $words): array
    {
        $ids = (new SearchGoods($stall))->called($words)->limit(self::GOODS)->pluck('facts.listing_id')->all();
        $window = WindowGoods::of($stall);
        $cards = $window->many(array_values(array_map(intval(...), $ids)));
        $shelves = array_filter(
            $words->words === [] ? [] : $window->shelves(),
            static fn (array $shelf): bool => str_contains(mb_strtolower($shelf['words']), $words->text()),
        );

        return [
            'goods' => array_map(static fn (GoodCard $card): array => [
                'words' => $card->title,
                'url' => $stall->seen()->path($card->url),
                'price' => $card->varied ? Speech::say('shop.goods.from').' '.$card->price : $card->price,
                'picture' => $card->picture?->path === null ? '' : PictureSizes::url($card->picture->path, 80, 'webp'),
            ], $cards),
            'shelves' => array_map(
                static fn (array $shelf): array => ['words' => $shelf['words'], 'url' => $stall->seen()->path($shelf['href'])],
                array_slice(array_values($shelves), 0, self::SHELVES),
            ),
        ];
    }
}
