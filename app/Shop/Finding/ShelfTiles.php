<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfFigures;
use WindowStall\Stall\Stall;

/** The shelves of a shop that hold something to be bought, each with its cover. */
final class ShelfTiles
{
    /** @return list<array{words: string, href: string, goods: int, picture: Picture|null}> */
    public static function of(Stall $stall): array
    {
        $counts = (new ShelfFigures($stall))->counts();
        $covers = Covers::of($stall);
        $shelves = Shelf::of($stall)->orderBy('name')->get()
            ->filter(static fn (Shelf $shelf): bool => ($counts[$shelf->id]['buyable'] ?? 0) > 0);

        return array_values($shelves->map(static fn (Shelf $shelf): array => [
            'words' => $shelf->name,
            'href' => $shelf->address(),
            'goods' => $counts[$shelf->id]['goods'],
            'picture' => $covers[$shelf->id] ?? null,
        ])->all());
    }
}
