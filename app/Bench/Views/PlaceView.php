<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Listings that lie in one place: on the bench, in the window, or put by. */
final readonly class PlaceView
{
    /**
     * @param  int  $count  all that lie there, narrowed as asked
     * @param  list<ListingRowView>|null  $rows  a page of them; null while they are folded away
     */
    public function __construct(public int $count, public int $page, public int $pages, public ?array $rows)
    {
    }
}
