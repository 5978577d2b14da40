<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Seen;

use WindowStall\Core\Opening\Left\MendedAt;

/** What a page of a shop is of. */
enum PageSort: string
{
    case Front = 'front';
    case Shelf = 'shelf';
    case Page = 'page';
    case Goods = 'goods';

    public function mendedAt(): MendedAt
    {
        return match ($this) {
            self::Front => MendedAt::Window,
            self::Shelf => MendedAt::Shelves,
            self::Page => MendedAt::Pages,
            self::Goods => MendedAt::Bench,
        };
    }
}
