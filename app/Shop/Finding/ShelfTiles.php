<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Shelves\Covers;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\WindowGoods;

/** The shelves of a shop that hold something to be bought, each with its cover. */
final class ShelfTiles
{
    /** @return list<array{words: string, href: string, goods: int, picture: Picture|null}> */
    public static function of(Stall $stall): array
    {
        $covers = Covers::of($stall);
        $tiles = [];
        foreach (WindowGoods::of($stall)->shelves() as $id => $shelf) {
            if ($shelf['buyable'] > 0) {
                $tiles[] = [
                    'words' => $shelf['words'],
                    'href' => $shelf['href'],
                    'goods' => $shelf['goods'],
                    'picture' => $covers[$id] ?? null,
                ];
            }
        }

        return $tiles;
    }
}
