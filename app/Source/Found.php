<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Contracts\Pagination\CursorPaginator;

/** What a search came to: a page of items, and how many each filter would leave. */
final readonly class Found
{
    /**
     * @param  CursorPaginator<int, \stdClass>  $page  of ids
     * @param  string|null  $instead  the words that were searched for instead, when those typed were mistyped
     */
    public function __construct(public CursorPaginator $page, public ItemCounts $counts, public ?string $instead)
    {
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_values(array_map(static fn (\stdClass $row): int => (int) $row->id, $this->page->items()));
    }
}
