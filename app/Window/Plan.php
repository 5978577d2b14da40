<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Sections\SectionKind;

/** Which page of the shop sections are laid on: the front page, one that the seller wrote, or the pages of goods. */
enum Plan
{
    case Front;
    case Page;
    case Goods;

    public function holds(SectionKind $kind): bool
    {
        return in_array($kind->plan(), [null, $this], true);
    }
}
