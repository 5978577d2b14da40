<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;

/** What sold, as whoever keeps orders knows it. */
interface SoldLately
{
    /** Days whose sales are counted together. */
    public const DAYS = 60;

    /**
     * @param  list<int>|null  $listings  all of the stall's when null
     * @return list<array{listing: int, pieces: int, at: Carbon}> those that ever sold: pieces of the last
     *     {@see DAYS} days, and when it sold last
     */
    public function of(Stall $stall, ?array $listings): array;
}
