<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** The part of a listing where a lack can be mended; screens take the seller there. */
enum ListingPart: string
{
    case Title = 'title';
    case Words = 'words';
    case Pictures = 'pictures';
    case Names = 'names';
    case Variants = 'variants';
    case Price = 'price';
}
