<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** In what order goods stand on a shelf, after those that are pinned; what is sold out stands last. */
enum ShelfOrder: string
{
    case Hand = 'hand';
    case Newest = 'newest';
    case Cheapest = 'cheapest';
    case Dearest = 'dearest';
    case Selling = 'selling';
    case Keeping = 'keeping';
    case Soonest = 'soonest';

    public function words(): string
    {
        return match ($this) {
            self::Hand => 'as you put them',
            self::Newest => 'newest first',
            self::Cheapest => 'cheapest first',
            self::Dearest => 'dearest first',
            self::Selling => 'what sells best first',
            self::Keeping => 'what keeps most first',
            self::Soonest => 'what is there soonest first',
        };
    }

    /** @return list<self> those a shopper may ask for */
    public static function forShoppers(): array
    {
        return [self::Newest, self::Cheapest, self::Dearest, self::Selling, self::Soonest];
    }
}
