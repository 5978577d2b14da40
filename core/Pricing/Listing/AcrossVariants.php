<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

/** How the prices of a listing's variants go together. */
enum AcrossVariants: string
{
    /** Each variant has its own. */
    case Each = 'each';

    /** All have one: the dearest decides. */
    case One = 'one';

    /** One for each group of an option's values: in each the dearest decides. */
    case Stepped = 'stepped';
}
