<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** What a supplier can change about an item between two pulls. */
enum ChangeKind: string
{
    case Title = 'title';
    case Words = 'words';
    case Pictures = 'pictures';
    case Cost = 'cost';
    case SoldOut = 'sold_out';
    case BackInStock = 'back_in_stock';
    case VariantGone = 'variant_gone';
    case VariantNew = 'variant_new';
}
