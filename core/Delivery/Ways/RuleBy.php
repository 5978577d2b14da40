<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

/** What goods with terms of their own are known by. */
enum RuleBy: string
{
    case Tag = 'tag';
    case Heavier = 'heavier';
    case Supplier = 'supplier';
}
