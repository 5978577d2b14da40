<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Shelves\SearchGoods;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
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
        $cards = WindowGoods::of($stall)->many(array_values(array_map(intval(...), $ids)));
        $shelves = $words->words === [] ? [] : Shelf::of($stall)
            ->where('name', 'ilike', '%'.addcslashes($words->text(), '%_\\').'%')
            ->orderBy('name')
            ->limit(self::SHELVES)
            ->get()
            ->map(static fn (Shelf $shelf): array => ['words' => $shelf->name, 'url' => $shelf->address()])
            ->all();

        return [
            'goods' => array_map(static fn (GoodCard $card): array => [
                'words' => $card->title,
                'url' => $card->url,
                'price' => ($card->varied ? 'from ' : '').$card->price,
                'picture' => $card->picture?->path === null ? '' : PictureSizes::url($card->picture->path, 80, 'webp'),
            ], $cards),
            'shelves' => array_values($shelves),
        ];
    }
}
