<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** Goods that share a word of their titles; no rule looks at words, so their shelf is picked by hand. */
enum Word
{
    case OfTitles;
}
