<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Money\Money;

/** What is known of the changes of a group together. */
final readonly class GroupFigures
{
    /**
     * @param  int  $count  changes
     * @param  int  $listings  that they concern
     * @param  int  $leastBp  by which a cost moved at the least, in basis points of what it was, without sign
     * @param  int  $mostBp  and at the most
     * @param  int  $underFloor  prices that stand and fell under their floor
     * @param  int  $moving  prices that move if the changes count
     * @param  Money|null  $stays  how much less is kept of a sale, on the average, as prices stand now; negative where
     *     it is more
     * @param  Money|null  $less  the same if the changes count
     * @param  array<string, int>  $kinds  kind of change → how many
     */
    public function __construct(
        public int $count,
        public int $listings,
        public int $leastBp = 0,
        public int $mostBp = 0,
        public int $underFloor = 0,
        public int $moving = 0,
        public ?Money $stays = null,
        public ?Money $less = null,
        public array $kinds = [],
    ) {
    }
}
