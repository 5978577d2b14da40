<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Sections\SectionKind;

/**
 * Which page of the shop sections are laid on: the front page, one that the seller wrote, the pages of goods, lists of goods, or
 * the basket.
 */
enum Plan
{
    case Front;
    case Page;
    case Goods;
    case Lists;
    case Basket;

    public function holds(SectionKind $kind): bool
    {
        return in_array($kind->plan(), [null, $this], true);
    }
}
