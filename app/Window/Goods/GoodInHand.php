<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

/** One of the goods as its page shows it. Shop makes it; parts of goods pages are drawn from it. */
interface GoodInHand
{
    /** Where its page stands in the shop. */
    public function address(): string;

    /** Whether it has what that part shows, such as options for shoppers to choose from. */
    public function has(string $part): bool;
}
