<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** What in a supplier's prose is not about the goods. */
enum JunkKind: string
{
    case Boilerplate = 'boilerplate';
    case OtherShop = 'other_shop';
    case Contact = 'contact';

    public function words(): string
    {
        return match ($this) {
            self::Boilerplate => 'says nothing about the thing',
            self::OtherShop => 'names another shop',
            self::Contact => 'tells how to reach somebody else',
        };
    }
}
