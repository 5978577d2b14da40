<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use WindowStall\Stall\Stall;
use WindowStall\Window\Content;

/** How lists of goods and the basket are laid: as the seller published it, else as the program lays them. */
final class DressedPage
{
    public const LISTS = [['id' => 'listed', 'kind' => 'listed', 'settings' => []]];

    public const BASKET = [['id' => 'basket', 'kind' => 'basket', 'settings' => []]];

    /** What shoppers see. */
    public static function of(Stall $stall, PageKind $kind): Content
    {
        return self::page($stall, $kind)?->publishedContent() ?? Content::page($kind->begins(''), $kind->plan());
    }

    public static function page(Stall $stall, PageKind $kind): ?WrittenPage
    {
        return WrittenPage::dressed($stall)->where('kind', $kind)->first();
    }
}
